<?php

declare(strict_types=1);

namespace Rinkel\Core\Plan\Internal;

use Rinkel\Core\Construction\Draft;
use Rinkel\Core\Cutting\Cut;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Plan\Derivation;
use Rinkel\Core\Plan\Figure;
use Rinkel\Core\Remark\Step;

/**
 * What other schools of makers would cut for this piece (common practice), each beside the cord that it is about: six
 * times the band for each half of a working cord, 5 to 6 turns around the hand or two arm's lengths for both, 3 to 4
 * turns, or wrist and 3 to 4 in, for a core, twice the chain and 2 in for a lace, four times the wrist for each group
 * of a braid.
 *
 * @internal
 */
final readonly class Schools
{
    /** An arm's length, from the middle of the breast to the fingertips, in mm (from memory; measure your own). */
    private const ARM = 750.0;

    /**
     * @param list<Cut> $cuts
     */
    public function __construct(
        private Draft $draft,
        private array $cuts,
    ) {}

    /**
     * @return list<Figure>
     */
    public function figures(): array
    {
        $byRole = array_column($this->cuts, null, 'role');

        return match (true) {
            isset($byRole['working']) => $this->ofBand($byRole['working'], $byRole['core'] ?? null),
            isset($byRole['lace']) => [$this->twiceTheChain($byRole['lace'])],
            isset($byRole['left'], $byRole['right']) => [$this->fourWrists($byRole['left'])],
            default => [],
        };
    }

    /**
     * Of a piece in two halves each working cord ties one half with both its ends.
     *
     * @return list<Figure>
     */
    private function ofBand(Cut $working, ?Cut $core): array
    {
        $draft = $this->draft;
        $isHalved = $draft->isHalved();
        $band = $draft->body()->times($isHalved ? 0.5 : 1);
        $each = $band->times(Derivation::TIMES_BAND);
        $wrist = $draft->piece->wearer->girth;
        $taken = $working->part('knots')->plus($working->part('straight'))->times(0.5);
        // A core folded at the middle has two ends; each of them goes to one side of the wrist.
        $ends = $isHalved ? 2 : 1;
        $school = [new Figure('multiple', $each->times(2), [new Step('multiple', [
            'times' => Derivation::TIMES_BAND,
            'body' => $band,
            'each' => $each,
            'both' => $each->times(2),
            'halved' => $isHalved ? 'yes' : 'no',
            'model' => $band->isZero() ? 0.0 : round($taken->ratioTo($band), 1),
        ])])];
        if (!$isHalved) {
            array_push($school, ...$this->byHand($working, $core));
        }

        return [...$school, new Figure('wrist-and-more', $wrist->plus(Length::ofInches(3.5 * $ends)), [
            new Step('wrist-and-more', [
                'wrist' => $wrist,
                'less' => $wrist->plus(Length::ofInches(3 * $ends)),
                'more' => $wrist->plus(Length::ofInches(4 * $ends)),
                'halved' => $isHalved ? 'yes' : 'no',
                'cut' => $core->length ?? $wrist,
            ]),
        ])];
    }

    /**
     * Of a piece in one go by turns around the hand, and by the arms.
     *
     * @return list<Figure>
     */
    private function byHand(Cut $working, ?Cut $core): array
    {
        $hand = $this->draft->piece->wearer->handGirth();
        $arm = Length::ofMillimetres(self::ARM);

        return [
            new Figure('turns', $hand->times(5.5), [new Step('turns', [
                'hand' => $hand,
                'five' => $hand->times(5),
                'six' => $hand->times(6),
                'cut' => $working->length,
            ])]),
            new Figure('arms', $arm->times(2), [new Step('arms', [
                'arm' => $arm,
                'two' => $arm->times(2),
                'cut' => $working->length,
            ])]),
            ...(null === $core ? [] : [new Figure('turns-core', $hand->times(3.5), [new Step('turns-core', [
                'hand' => $hand,
                'three' => $hand->times(3),
                'four' => $hand->times(4),
                'cut' => $core->length,
            ])])]),
        ];
    }

    private function twiceTheChain(Cut $lace): Figure
    {
        $twice = $this->draft->body()->times(Derivation::TIMES_CHAIN)->plus(Length::ofInches(2));

        return new Figure('twice-the-chain', $twice, [new Step('twice-the-chain', [
            'chain' => $this->draft->body(),
            'twice' => $twice,
            'cut' => $lace->length,
        ])]);
    }

    private function fourWrists(Cut $group): Figure
    {
        $wrist = $this->draft->piece->wearer->girth;

        return new Figure('four-wrists', $wrist->times(Derivation::TIMES_WRIST), [new Step('four-wrists', [
            'wrist' => $wrist,
            'four' => $wrist->times(Derivation::TIMES_WRIST),
            'cut' => $group->length,
        ])]);
    }
}
