import type { components } from '@/lib/api/schema'
import type { Points } from './drawing'

// What goes with the body: bottles in the hands, bands between points of it and fixed places.
type Prop = components['schemas']['FigureProp']
export interface Held {
  kind: string
  /** An SVG path for a body in a pose. */
  path: (points: Points) => string
}

const BOTTLE = { halfWidth: 4, above: 8, below: 11 }

function bottle(spots: [number, number][]): string {
  const x = spots.reduce((sum, spot) => sum + spot[0], 0) / spots.length
  const y = spots.reduce((sum, spot) => sum + spot[1], 0) / spots.length
  const { halfWidth, above, below } = BOTTLE
  return `M${x - halfWidth} ${y - above}h${halfWidth * 2}v${above + below}h${-halfWidth * 2}Z`
}

export function heldThings(props: Prop[], unit: number): Held[] {
  return props.flatMap((prop) =>
    prop.held.map((spots) => ({
      kind: prop.kind,
      path: (points: Points) => {
        const places = spots.map((spot): [number, number] =>
          typeof spot === 'string' ? points[spot]! : [spot[0]! / unit, spot[1]! / unit],
        )
        return prop.kind === 'bottle' ? bottle(places) : `M${places.map((place) => place.join(' ')).join('L')}`
      },
    })),
  )
}
