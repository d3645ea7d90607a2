/** A way of putting a joint right that is not OK. */
export type RescueWay =
  | 'tighten'
  | 'undo the nut'
  | 'heat again'
  | 'cut out'
  | 'cut behind the barb'
  | 'warm off'
  | 'cut off the olive'
  | 'release'
  | 'cut back the end'
  | 'unscrew'
