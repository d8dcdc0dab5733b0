import { describe, expect, it } from 'vitest';
import { shotOf } from '../../../tests/support/people';
import { roomOf } from '../../../tests/support/rooms';
import type { Room } from '../scene';
import { setSheet, setUpLines } from './setSheet';

const ROOM = roomOf({ name: 'hall', depthM: 8 });
const shot = shotOf({}, { distanceM: 4, heightM: 1.2, arcDeg: 30 });

describe('the set sheet', () => {
  it('gives every place from two walls, as a tape measures it', () => {
    const lines = setUpLines(shot, ROOM);
    expect(lines[0]).toBe('Sitter’s mark: 2.40 m from the back wall, 3.00 m from the left wall');
    // 4 m at 30 degrees to camera right: 3.464 ahead and 2 aside
    expect(lines[1]).toBe(
      'Camera: 4.00 m from the mark; 5.86 m from the back wall, 5.00 m from the left wall',
    );
    expect(lines[2]).toBe('Lens: centre 1.20 m high, level');
    // the key: 1.8 m at 40 degrees
    expect(lines[4]).toContain('3.78 m from the back wall, 4.16 m from the left wall; aimed at the face');
  });

  it('tells what stands outside the room', () => {
    const far = { ...shot, camera: { ...shot.camera, arcDeg: 0, distanceM: 7 } };
    expect(setUpLines(far, ROOM)[1]).toContain('OUTSIDE THE ROOM');
    expect(setUpLines(shot, ROOM)[1]).not.toContain('OUTSIDE');
  });

  it('tells how the camera is turned, what hangs behind, and which window it is', () => {
    const turned = {
      ...shot,
      camera: { ...shot.camera, panDeg: -8, rollDeg: 5 },
      light: {
        arcDeg: -90,
        heightM: 1.5,
        distanceM: 3,
        sizeM: 1.2,
        acrossM: 2,
        facesDeg: 90,
        kind: 'window' as const,
        ambientShare: 0.1,
      },
    };
    const lines = setUpLines(turned, {
      ...ROOM,
      backdrop: { kind: 'paper', behindM: 1.5, widthM: 2.72, tone: 'white' },
    });
    expect(lines[1]).toBe('Background: paper roll, white, 2.72 m wide, 1.50 m behind the mark');
    expect(lines[3]).toBe('Lens: centre 1.20 m high, level, panned 8° to camera left, rolled 5° clockwise');
    expect(lines[5]).toBe(
      'Key: window 2.00 m wide and 1.20 m high, middle 1.50 m high; 2.40 m from the back wall, 0.00 m from the left wall',
    );
  });

  it('says where the furniture stands', () => {
    const room: Room = {
      ...ROOM,
      furniture: [{ kind: 'bench', fromLeftM: 1, fromBackM: 0.6, turnLeftDeg: 0 }],
    };
    expect(setUpLines(shot, room)[1]).toBe(
      'Bench: middle 0.60 m from the back wall, 1.00 m from the left wall',
    );
  });

  it('names powers, feathers, grids and panels', () => {
    const light = {
      ...shot.light,
      featherDeg: 15,
      others: [
        {
          id: 'a',
          kind: 'strip' as const,
          arcDeg: 150,
          heightM: 2,
          distanceM: 1.5,
          sizeM: 1.2,
          powerStops: 1,
          gridDeg: 30,
        },
        { id: 'b', kind: 'white' as const, arcDeg: -70, heightM: 1.4, distanceM: 0.8, sizeM: 1.2 },
        {
          id: 'c',
          kind: 'bare' as const,
          arcDeg: 160,
          heightM: 0.4,
          distanceM: 1,
          sizeM: 0.1,
          aim: 'background' as const,
          powerStops: 0,
        },
      ],
    };
    const exposure = { shutterParts: 160, iso: 200 };
    const lines = setUpLines({ ...shot, light, exposure }, ROOM).join('\n');
    expect(lines).toContain('Key: softbox 0.90 m, centre 2.30 m high');
    expect(lines).toContain('then turned 15° to the lens');
    expect(lines).toMatch(/Stand 2: strip.*grid of 30°; 1 stop over the key/);
    expect(lines).toMatch(/Stand 3: white panel(?!.*key)/);
    expect(lines).toMatch(/Stand 4: bare bulb.*aimed at the background; as bright as the key/);
    expect(lines).toContain('1/160 s, ISO 200, upright');
  });

  it('the sun has a bearing and a height, and no stand', () => {
    const light = { ...shot.light, kind: 'sun' as const, arcDeg: -40, altitudeDeg: 25 };
    expect(setUpLines({ ...shot, light }, ROOM)[4]).toBe(
      'Key: sun, 40° to camera left of the front, 25° high',
    );
  });

  it('puts poses of one set-up together, as long as they follow each other', () => {
    const named = (name: string, of = shot) => ({ ...of, pose: { ...of.pose, name } });
    const moved = { ...shot, camera: { ...shot.camera, heightM: 0.9 } };
    const sheet = setSheet([named('one'), named('two'), named('three', moved), named('four')], ROOM);
    expect(sheet.map((s) => s.poses)).toEqual([['one', 'two'], ['three'], ['four']]);
  });
});
