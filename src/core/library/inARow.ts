import type { Pose } from '../pose';
import { on, ON_FOOTRESTS, said } from './house/said';

const PLAIN = { presence: 0.2, openness: 0.3, formality: 0.3, movement: -0.7 };

/** How one of many is carried. */
export type RowCarriage = 'onTheFloor' | 'seated' | 'inOwnChair' | 'standing';

/**
 * How one of many stands or sits: turned a little to the right, the face back to the lens. Those on the other
 * side of the middle do the same mirrored, so that all turn in.
 */
export const IN_A_ROW: Record<RowCarriage, Pose> = {
  onTheFloor: said('In the row, on the floor', 'Sit with both knees up, hands round your shins.', {
    support: 'floor',
    settings: {
      hipsTurnLeftDeg: -20,
      leftKneeBendDeg: 106,
      rightKneeBendDeg: 112,
      hingeDeg: 10,
      headTurnLeftDeg: 16,
      faceForwardCm: 1,
    },
    contacts: [on('left:littleEdge', 'shin'), on('right:littleEdge', 'shin')],
    message: PLAIN,
  }),
  seated: said(
    'In the row, seated',
    'Sit tall near the front edge, knees to the middle, hands on your knees.',
    {
      support: 'sit',
      settings: {
        hipsTurnLeftDeg: -8,
        seatDepthShare: 0.3,
        heelSpacingShoulders: 0.45,
        leftAheadFeet: 0.3,
        hingeDeg: 4,
        drawnUpShare: 0.9,
        twistLeftDeg: -10,
        headTurnLeftDeg: 15,
        faceForwardCm: 1,
      },
      contacts: [on('left:palm', 'kneeTop'), on('right:palm', 'kneeTop')],
      message: PLAIN,
    },
  ),
  inOwnChair: said('In the row, in the own chair', 'Brakes on, sit tall, hands on your knees.', {
    support: 'sit',
    settings: {
      hipsTurnLeftDeg: -14,
      seatDepthShare: 0.7,
      heelSpacingShoulders: 0.4,
      hingeDeg: 4,
      drawnUpShare: 0.9,
      headTurnLeftDeg: 10,
      rightElbowSwivelDeg: -24,
      faceForwardCm: 1.5,
    },
    contacts: [...ON_FOOTRESTS, on('left:palm', 'kneeTop'), on('right:palm', 'kneeTop')],
    message: PLAIN,
  }),
  standing: said('In the row, standing', 'Weight on the back foot, shoulders to the middle, arms easy.', {
    settings: {
      hipsTurnLeftDeg: -18,
      leftWeightShare: 0.35,
      leftKneeBendDeg: 10,
      heelSpacingShoulders: 0.6,
      leftFootOutDeg: 12,
      rightFootOutDeg: 22,
      headTurnLeftDeg: 13,
      leftArmOutDeg: 10,
      rightArmOutDeg: 10,
      leftElbowBendDeg: 22,
      rightElbowBendDeg: 18,
      faceForwardCm: 1,
      chinDownDeg: 2,
    },
    message: PLAIN,
  }),
};
