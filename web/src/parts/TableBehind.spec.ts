import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import TableBehind from './TableBehind.vue'

describe('the table behind a picture', () => {
  const table = (rows: (string | number)[][]) =>
    mount(TableBehind, { props: { name: 'pain', head: ['Place', 'Level'], rows } })

  it('is read and taken along', () => {
    const behind = table([
      ['left "ring" finger', 2],
      ['=SUM(A1)', -1],
    ])
    expect(behind.findAll('td').map((td) => td.text())).toEqual([
      'left "ring" finger',
      '2',
      '=SUM(A1)',
      '-1',
    ])
    const link = behind.find('a')
    expect(link.attributes('download')).toBe('pain.csv')
    expect(decodeURIComponent(link.attributes('href')?.split(',').slice(1).join(',') ?? '')).toBe(
      'Place,Level\r\n"left ""ring"" finger",2\r\n\'=SUM(A1),-1',
    )
  })

  it('shows the first lines of a long one and takes all along', () => {
    const behind = table(Array.from({ length: 70 }, (_, i) => [`day ${i}`, i]))
    expect(behind.findAll('tbody tr')).toHaveLength(60)
    expect(behind.text()).toContain('with all 70 lines')
    expect(behind.find('a').attributes('href')).toContain('day%2069')
  })
})
