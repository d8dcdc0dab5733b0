import { angleOfViewDeg, coverageM, frameMm, fullFrameEquivalentMm, SENSOR_FORMATS } from '@/core/camera';
import { isSky, sourceKind, USUAL_ALTITUDE_DEG } from '@/core/light';
import type { SoloShot } from '@/core/shot';

/** The numbers an assistant sets camera and key by. */
export function Marks({ shot }: { shot: SoloShot }) {
  const { camera, light } = shot;
  const side = (deg: number) =>
    deg === 0 ? 'ahead' : `${Math.abs(deg)}° camera ${deg > 0 ? 'right' : 'left'}`;
  const covered = coverageM(camera, camera.distanceM);
  const sensor = SENSOR_FORMATS[camera.sensor];
  const frame = frameMm(camera);
  const angle = (sideMm: number) => angleOfViewDeg(sideMm, camera.focalLengthMm).toFixed(1);
  const rows: [string, string][] = [
    ['camera', `${side(camera.arcDeg)}, ${camera.distanceM.toFixed(2)} m`],
    ['lens', `${camera.heightM.toFixed(2)} m high`],
    ['takes in', `${covered.widthM.toFixed(2)} × ${covered.heightM.toFixed(2)} m`],
    ['angle of view', `${angle(frame.widthMm)} × ${angle(frame.heightMm)}°`],
    ...(camera.sensor === 'fullFrame'
      ? []
      : [
          ['like', `${Math.round(fullFrameEquivalentMm(sensor, camera.focalLengthMm))} mm full frame`] as [
            string,
            string,
          ],
        ]),
    ...(isSky(light.kind)
      ? ([
          ['key', `${sourceKind(light.kind).words}, ${side(light.arcDeg)}`],
          ['key is', `${Math.round(light.altitudeDeg ?? USUAL_ALTITUDE_DEG)}° high`],
        ] as [string, string][])
      : ([
          ['key', `${side(light.arcDeg)}, ${light.distanceM.toFixed(1)} m`],
          ['key is', `${light.heightM.toFixed(2)} m high, ${light.sizeM.toFixed(2)} m wide`],
        ] as [string, string][])),
  ];
  return (
    <dl className="text-xs" aria-label="Marks">
      {rows.map(([name, value]) => (
        <div key={name} className="flex justify-between gap-2 border-t border-base-300 py-[3px]">
          <dt className="quiet">{name}</dt>
          <dd className="text-right font-bold">{value}</dd>
        </div>
      ))}
    </dl>
  );
}
