<?php

declare(strict_types=1);

namespace Rinkel\Core\Construction\Internal;

use Rinkel\Core\Construction\BraidedChain;
use Rinkel\Core\Construction\Draft;
use Rinkel\Core\Line\Element;
use Rinkel\Core\Line\ElementKind;
use Rinkel\Core\Material\CordRun;
use Rinkel\Core\Material\Finding;
use Rinkel\Core\Material\FindingKind;
use Rinkel\Core\Material\Hole;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Piece\PieceSpec;
use Rinkel\Core\Remark\Check;
use Rinkel\Core\Remark\Severity;

/**
 * What matters about the chain that cords go through.
 *
 * @internal
 */
final class Chains
{
    /**
     * Returns the short name of the piece's links, or null when it has none.
     */
    public static function link(PieceSpec $wish): ?string
    {
        foreach ($wish->materials->findings as $name => $finding) {
            if (FindingKind::Link === $finding->kind) {
                return (string) $name;
            }
        }

        return null;
    }

    /**
     * Laced from the middle outwards an odd number of links has one in the middle, for a charm; one more is good to
     * have. A chain that is too short is joined, and the cords must go through together.
     *
     * @return list<Check>
     */
    public static function checks(Draft $draft): array
    {
        $links = array_values(
            array_filter(
                $draft->setting->elements,
                static fn (Element $element): bool => ElementKind::Link === $element->kind,
            ),
        );
        $count = \count($links);
        $link = $draft->piece->findings[$links[0]->name ?? ''] ?? null;
        if (null === $link) {
            return [];
        }
        $middle = [
            'middle' => intdiv($count, 2) + 1,
            'links' => $count,
            'spare' => null !== $link->stock && $link->stock > $count ? 'yes' : 'no',
        ];
        $missing = null === $link->stock ? 0 : $count - $link->stock;

        return [
            0 === $count % 2
                ? new Check('chain-no-middle', Severity::Hint, ['links' => $count])
                : new Check('chain-middle', Severity::Hint, $middle),
            ...($missing > 0 ? [new Check('chain-too-short', Severity::Warn, [
                'links' => $count, 'stock' => $link->stock ?? 0, 'missing' => $missing,
            ])] : []),
            ...self::passing($draft, $link),
        ];
    }

    /**
     * The cords must go through a link together.
     *
     * @return list<Check>
     */
    private static function passing(Draft $draft, Finding $link): array
    {
        $cords = [];
        foreach (array_diff_key($draft->piece->cords, ['slider' => 0]) as $use) {
            // A folded thread lies in it twice, a lace once on either side of the middle.
            $isFolded = $draft->construction instanceof BraidedChain && CordRun::Apart !== $use->run;
            $threads = $use->count * ($isFolded ? 2 : 1);
            array_push($cords, ...array_fill(0, $threads, $use->cord));
        }
        $short = [] === $cords ? null : (new Hole($link->inside))->shortfall($cords);

        return null === $short || $short->isZero() ? [] : [new Check('lace-does-not-pass', Severity::Stop, [
            'inside' => $link->inside->written(Unit::Millimetre),
            'short' => $short->roundedUpTo(Length::ofMillimetres(0.1))->written(Unit::Millimetre),
        ])];
    }
}
