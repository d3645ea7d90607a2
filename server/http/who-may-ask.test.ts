import { describe, expect, it } from 'vitest'
import { hostsFrom, whyNot, type Asked } from './who-may-ask'

const hosts = hostsFrom('Jolvet.example.org, van.example')
const asked = (of: Partial<Asked>): string | null =>
  whyNot(
    { host: '127.0.0.1:3000', origin: undefined, fetchSite: undefined, isSecure: false, isInterface: true, ...of },
    hosts,
  )

describe('who may ask', () => {
  it.each<[string, Partial<Asked>, RegExp | null]>([
    ['loopback', {}, null],
    ['its own page', { origin: 'http://127.0.0.1:3000', fetchSite: 'same-origin' }, null],
    ['an address that is typed', { fetchSite: 'none' }, null],
    ['another site’s page', { origin: 'http://elsewhere.example' }, /Only pages/],
    ['another port’s page', { origin: 'http://127.0.0.1:3001' }, /Only pages/],
    ['another site’s image of it', { fetchSite: 'cross-site' }, /Only pages/],
    ['a link from another site to a page', { fetchSite: 'cross-site', isInterface: false }, null],
    ['another name for loopback', { host: 'rebound.example:3000' }, /Only pages/],
    ['a name that begins as loopback', { host: '127.0.0.1.example' }, /Only pages/],
    ['a name of the setting over TLS', { host: 'jolvet.example.org', isSecure: true }, null],
    [
      'with its port and origin',
      { host: 'van.example:8443', origin: 'https://van.example:8443', isSecure: true },
      null,
    ],
    ['a name of the setting without TLS', { host: 'jolvet.example.org' }, /over HTTPS/],
    ['a name under one of the setting', { host: 'a.van.example', isSecure: true }, /Only pages/],
  ])('%s', (_, of, expected) => {
    if (expected) expect(asked(of)).toMatch(expected)
    else expect(asked(of)).toBeNull()
  })

  it('without a setting it answers on loopback alone', () => {
    expect(hostsFrom(undefined).size).toBe(0)
    expect(hostsFrom(' ').size).toBe(0)
  })
})
