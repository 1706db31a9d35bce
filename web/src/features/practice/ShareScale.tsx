const WIDTH = 400
const BORDER = 10

/** How much of what is in reach is reached, on a scale like a chart's border. */
export function ShareScale({ share }: { share: number }) {
  const at = (percent: number) => (percent / 100) * WIDTH
  return (
    <svg
      viewBox={`-12 -26 ${WIDTH + 24} 56`}
      role="img"
      aria-label={`${share} percent of what is in reach`}
      className="w-full max-w-md"
    >
      <rect width={at(share)} height={BORDER} className="fill-lengths" />
      <rect width={WIDTH} height={BORDER} className="stroke-ink fill-none" />
      {[10, 20, 30, 40, 50, 60, 70, 80, 90].map((tick) => (
        <line
          key={tick}
          x1={at(tick)}
          x2={at(tick)}
          y1={0}
          y2={tick === 50 ? BORDER : 4}
          className="stroke-ink"
        />
      ))}
      {[0, 50, 100].map((tick) => (
        <text key={tick} x={at(tick)} y={26} textAnchor="middle" className="figures fill-ink text-[13px]">
          {tick}
        </text>
      ))}
      <path d={`M${at(share)} ${BORDER}V-20`} className="stroke-ink" strokeWidth={1.5} />
      <path
        d={`M${at(share)} -20l${share > 80 ? -18 : 18} 5l${share > 80 ? 18 : -18} 5Z`}
        className="fill-ink"
      />
      <text
        x={at(share) + (share > 80 ? -22 : 22)}
        y={-8}
        textAnchor={share > 80 ? 'end' : 'start'}
        className="figures fill-ink text-[17px] font-semibold"
      >
        {share} %
      </text>
    </svg>
  )
}
