import { readdirSync, readFileSync } from 'node:fs'
import { parse } from 'yaml'
import { describe, expect, it } from 'vitest'
import { searchMovements } from './findMovements'

interface Entry {
  id: string
  name: string
  pattern: string
  also: string[]
  ladder: { id: string; name: string; also: string[] }[]
}

const FOLDER = '../core/data/movements'
const catalogue = readdirSync(FOLDER).map((file) => {
  const movement = parse(readFileSync(`${FOLDER}/${file}`, 'utf8')) as Entry
  return {
    ...movement,
    also: movement.also ?? [],
    ladder: movement.ladder.map((variation) => ({ ...variation, also: variation.also ?? [] })),
  }
})
const first = (typed: string) => searchMovements(catalogue, typed)[0]

describe('the finder', () => {
  it.each([
    ['squat', 'squat'],
    ['squats', 'squat'],
    ['push up', 'push_up'],
    ['pushup', 'push_up'],
    ['press-ups', 'push_up'],
    ['situp', 'sit_up'],
    ['sit ups', 'sit_up'],
    ['crunch', 'sit_up'],
    ['v-up', 'v_fold'],
    ['v sit', 'v_fold'],
    ['burpee', 'squat_thrust'],
    ['burpees', 'squat_thrust'],
    ['jumping jack', 'jumping_jack'],
    ['star jump', 'star_jack'],
    ['lunge', 'forward_lunge'],
    ['reverse lunge', 'lunge_back'],
    ['split squat', 'split_squat'],
    ['side lunge', 'side_lunge'],
    ['curtsy', 'curtsy_lunge'],
    ['pistol', 'one_leg_squat'],
    ['wall sit', 'wall_sit'],
    ['sit to stand', 'squat'],
    ['goblet squat', 'goblet_squat'],
    ['bridge', 'glute_bridge'],
    ['hip thrust', 'hip_thrust'],
    ['clamshell', 'clam'],
    ['good morning', 'hip_hinge'],
    ['superman', 'arch_lift'],
    ['plank', 'plank'],
    ['side plank', 'side_plank'],
    ['mountain climbers', 'mountain_climber'],
    ['bear crawl', 'bear_step'],
    ['inchworm', 'walk_out'],
    ['bird dog', 'bird_reach'],
    ['dead bug', 'dead_bug'],
    ['tricep dips', 'chair_dip'],
    ['pull up', 'chin_up'],
    ['inverted row', 'row'],
    ['calf raises', 'calf_raise'],
    ['high knees', 'high_knees'],
    ['butt kicks', 'heel_kick'],
    ['skipping', 'rope_skip'],
    ['shadow boxing', 'boxing'],
    ['hamstring stretch', 'back_of_thigh'],
    ['hollow hold', 'hollow'],
    ['tuck-up', 'v_fold'],
    ['high plank', 'plank'],
    ['elbow plank', 'plank'],
    ['pop squat', 'in_out_squat'],
    ['diamond', 'push_up_narrow'],
    ['bulgarian', 'split_squat'],
    ['bodyweight squat', 'squat'],
    ['air squat', 'squat'],
    ['jumping lunge', 'lunge_back'],
    ['forward lunge', 'forward_lunge'],
    ['tuck jump', 'squat_jump'],
    ['jog', 'high_knees'],
    ['sprint', 'shuttle'],
    ['plyo', 'squat_jump'],
    ['crab', 'crab'],
  ])('puts for “%s” %s first', (typed, id) => {
    expect(first(typed)?.movement.id).toBe(id)
  })

  it('says which version it was found by, and by which other name', () => {
    expect(first('pop squat')).toMatchObject({
      movement: { id: 'in_out_squat' },
      variation: { id: 'jump' },
      by: 'pop squat',
    })
    expect(first('stepped skater')).toMatchObject({ movement: { id: 'skater' }, variation: { id: 'curtsy' } })
    expect(first('inchworm')?.by).toBe('inchworm')
    expect(first('squat')).not.toHaveProperty('variation')
  })

  it('finds by the pattern after all names, and nothing for what there is not', () => {
    expect(searchMovements(catalogue, 'lateral trunk').map(({ movement }) => movement.id)).toContain('side_bend')
    expect(searchMovements(catalogue, 'zebra')).toEqual([])
    expect(searchMovements(catalogue, 'v-up').map(({ movement }) => movement.id)).toEqual(['v_fold'])
    expect(searchMovements(catalogue, '  ')).toHaveLength(catalogue.length)
  })
})
