import type { Wanted } from '../../api/queries'
import { AIRS } from '../../api/words'
import { aCount, aText, useAddressed } from '../../ui/useAddressed'

/** What wash days are looked for; it stands in the address. */
export function useWanted() {
  const [product, setProduct] = useAddressed('with', aText)
  const [school, setSchool] = useAddressed('school', aText)
  const [air, setAir] = useAddressed('air', (word) => AIRS.find(({ value }) => value === word)?.value)
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
