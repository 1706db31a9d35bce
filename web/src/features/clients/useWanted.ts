import type { Wanted } from '../../api/queries'
import { aCount, aText, useAddressed } from '../../ui/useAddressed'

const AIR = ['DRY', 'EASY', 'HUMID', 'VERY_HUMID'] as const

/** What wash days are looked for; it stands in the address. */
export function useWanted() {
  const [product, setProduct] = useAddressed('with', aText)
  const [school, setSchool] = useAddressed('school', aText)
  const [air, setAir] = useAddressed('air', (word) => AIR.find((own) => own === word))
  const [leastDefinition, setDefinition] = useAddressed('definition', aCount)
  const [mostFrizz, setFrizz] = useAddressed('frizz', aCount)
  const wanted: Wanted = {
    ...(product === undefined ? {} : { product }),
    ...(school === undefined ? {} : { school }),
    ...(air === undefined ? {} : { air }),
    ...(leastDefinition === undefined ? {} : { leastDefinition }),
    ...(mostFrizz === undefined ? {} : { mostFrizz }),
  }
  const put = {
    product: setProduct,
    school: setSchool,
    air: setAir,
    leastDefinition: setDefinition,
    mostFrizz: setFrizz,
  }
  return [wanted, put] as const
}
