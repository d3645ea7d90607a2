import {
  AmbientLight,
  Box3,
  CatmullRomCurve3,
  Color,
  DirectionalLight,
  DoubleSide,
  Group,
  LineCurve3,
  Mesh,
  MeshLambertMaterial,
  PerspectiveCamera,
  Raycaster,
  Scene,
  TubeGeometry,
  Vector2,
  Vector3,
  WebGLRenderer,
} from 'three'
import { OrbitControls } from 'three/examples/jsm/controls/OrbitControls.js'
import type { Solid } from '~~/core/draw/solids'
import type { Vector } from '~~/core/quantity/vector'

/** East, north, up as a scene has them: its y is up. */
const placed = ([east, north, up]: Vector): Vector3 => new Vector3(east, up, -north)
const [sides, farthest, stillPixels] = [20, 200_000, 5] as const

function meshOf({ of, id, along, od }: Solid): Mesh<TubeGeometry, MeshLambertMaterial> {
  const points = along.map(placed)
  const curve = points.length === 2 ? new LineCurve3(points[0]!, points[1]!) : new CatmullRomCurve3(points)
  const mesh = new Mesh(
    new TubeGeometry(curve, points.length === 2 ? 1 : points.length * 3, od / 2, sides),
    new MeshLambertMaterial({ side: DoubleSide }),
  )
  mesh.name = `${of} ${id}`
  mesh.userData = { of, id }
  return mesh
}

/** What was pressed in it. */
export interface Picked {
  readonly of: Solid['of']
  readonly id: string
}

function lights(): readonly (AmbientLight | DirectionalLight)[] {
  const sun = new DirectionalLight(0xffffff, 2.2)
  sun.position.set(0.5, 1, 0.8)
  return [new AmbientLight(0xffffff, 1.1), sun]
}

/** The pipework as glTF in its binary form, in metres. */
async function glbOf(pipework: Group): Promise<ArrayBuffer> {
  const { GLTFExporter } = await import('three/examples/jsm/exporters/GLTFExporter.js')
  const inMetres = pipework.clone()
  inMetres.scale.setScalar(0.001)
  return (await new GLTFExporter().parseAsync(inMetres, { binary: true })) as ArrayBuffer
}

type PipeMesh = Mesh<TubeGeometry, MeshLambertMaterial>

/** The solids of a scene: what stands there, and in which colours. */
function pipeworkOf() {
  const group = new Group()
  const meshes = () => group.children as PipeMesh[]
  function clear(): void {
    for (const { geometry, material } of meshes()) {
      geometry.dispose()
      material.dispose()
    }
    group.clear()
  }
  function colour(solids: readonly Solid[], colourOf: (solid: Solid) => string): void {
    solids.forEach((solid, at) => {
      const { material } = meshes()[at]!
      material.color = new Color(colourOf(solid))
      material.transparent = solid.isThere
      material.opacity = solid.isThere ? 0.45 : 1
    })
  }
  function show(solids: readonly Solid[], colourOf: (solid: Solid) => string): void {
    clear()
    group.add(...solids.map(meshOf))
    colour(solids, colourOf)
  }
  return { group, show, colour, clear }
}

/** From the south-east and above, so near that all of it just fills the frame. */
function lookAtAll(pipework: Group, camera: PerspectiveCamera, controls: OrbitControls): void {
  const box = new Box3().setFromObject(pipework)
  const middle = box.getCenter(new Vector3())
  const towards = new Vector3(0.6, 0.55, 0.75).normalize()
  const right = new Vector3(0, 1, 0).cross(towards).normalize()
  const up = towards.clone().cross(right)
  const high = Math.tan((camera.fov * Math.PI) / 360)
  const corners = pipework.children.flatMap((child) => {
    const { min, max } = new Box3().setFromObject(child)
    return [min, max].map((corner) => {
      const from = corner.sub(middle)
      return { x: from.dot(right), y: from.dot(up), near: from.dot(towards) }
    })
  })
  const halfway = (of: readonly number[]) => (Math.min(...of) + Math.max(...of)) / 2
  const [x0, y0] = [halfway(corners.map(({ x }) => x)), halfway(corners.map(({ y }) => y))]
  middle.add(right.multiplyScalar(x0)).add(up.multiplyScalar(y0))
  const needed = corners.map(
    ({ x, y, near }) => near + Math.max(Math.abs(y - y0) / high, Math.abs(x - x0) / (high * camera.aspect)),
  )
  camera.position.copy(middle).add(towards.multiplyScalar(Math.max(400, ...needed) * 1.12))
  controls.target.copy(middle)
  controls.update()
}

/** Whether a press is one, and no turning of the scene. */
function onPress(element: HTMLElement, press: (event: PointerEvent) => void): void {
  let from = [0, 0]
  element.addEventListener('pointerdown', ({ clientX, clientY }) => (from = [clientX, clientY]))
  element.addEventListener('pointerup', (event) => {
    if (Math.hypot(event.clientX - from[0]!, event.clientY - from[1]!) < stillPixels) press(event)
  })
}

/**
 * Solids turned by a finger, drawn anew only when something changes.
 *
 * @throws Error where the browser draws nothing in the round
 */
export function roundScene(host: HTMLElement, pick: (picked: Picked) => void) {
  const renderer = new WebGLRenderer({ antialias: true, alpha: true })
  host.append(renderer.domElement)
  const [scene, pipework] = [new Scene(), pipeworkOf()]
  scene.add(...lights(), pipework.group)
  const camera = new PerspectiveCamera(35, 1, 1, farthest)
  const controls = new OrbitControls(camera, renderer.domElement)
  const render = () => renderer.render(scene, camera)
  controls.addEventListener('change', render)
  const fit = () => lookAtAll(pipework.group, camera, controls)

  const ray = new Raycaster()
  onPress(renderer.domElement, ({ offsetX, offsetY }) => {
    const { clientWidth, clientHeight } = renderer.domElement
    ray.setFromCamera(new Vector2((offsetX / clientWidth) * 2 - 1, 1 - (offsetY / clientHeight) * 2), camera)
    const [hit] = ray.intersectObjects(pipework.group.children)
    if (hit) pick(hit.object.userData as Picked)
  })

  return {
    /** Draws other solids, each in its colour. */
    show(solids: readonly Solid[], colourOf: (solid: Solid) => string): void {
      const isFirst = pipework.group.children.length === 0
      pipework.show(solids, colourOf)
      if (isFirst && solids.length > 0) fit()
      render()
    },
    colour(solids: readonly Solid[], colourOf: (solid: Solid) => string): void {
      pipework.colour(solids, colourOf)
      render()
    },
    resize(width: number, height: number): void {
      renderer.setPixelRatio(devicePixelRatio)
      renderer.setSize(width, height)
      camera.aspect = width / Math.max(1, height)
      camera.updateProjectionMatrix()
      render()
    },
    /** Turns it by so many degrees about the upright, as an arrow key asks. */
    turn(degrees: number): void {
      const from = camera.position.clone().sub(controls.target)
      camera.position.copy(controls.target).add(from.applyAxisAngle(new Vector3(0, 1, 0), (degrees * Math.PI) / 180))
      controls.update()
    },
    fit,
    glb: () => glbOf(pipework.group),
    dispose(): void {
      pipework.clear()
      controls.dispose()
      renderer.dispose()
      renderer.domElement.remove()
    },
  }
}
