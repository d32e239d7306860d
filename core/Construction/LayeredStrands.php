<?php

declare(strict_types=1);

namespace Rinkel\Core\Construction;

use Rinkel\Core\Closure\ClosureWish;
use Rinkel\Core\Closure\Kind\Breakaway;
use Rinkel\Core\Closure\Kind\ClaspClosure;
use Rinkel\Core\Closure\Kind\ForGood;
use Rinkel\Core\Closure\Kind\TieClosure;
use Rinkel\Core\Closure\Kind\TwoEnding;
use Rinkel\Core\Construction\Internal\OnCord;
use Rinkel\Core\Construction\Internal\Stock;
use Rinkel\Core\Construction\Way\LayersWay;
use Rinkel\Core\Construction\Way\Way;
use Rinkel\Core\Fit\BodyPlace;
use Rinkel\Core\Material\CordUse;
use Rinkel\Core\Material\Fibre;
use Rinkel\Core\Material\FindingKind;
use Rinkel\Core\Pattern\Node\Below;
use Rinkel\Core\Piece\Piece;
use Rinkel\Core\Piece\PieceSpec;
use Rinkel\Core\Remark\Check;
use Rinkel\Core\Remark\Severity;

/**
 * Several strands of a necklace, each with beads of its own, that hang one below another and are one at both ends.
 *
 * @internal
 */
final readonly class LayeredStrands extends OnCord
{
    /** Less than so much, in mm, nobody sees one strand hang below another (judgement). */
    private const SEEN = 5.0;

    public function id(): string
    {
        return 'layered-strands';
    }

    public function look(): Look
    {
        return Look::Layers;
    }

    public function places(): array
    {
        return [BodyPlace::Neck];
    }

    public function cords(): CordNames
    {
        return CordNames::andColours(['cord']);
    }

    public function completed(PieceSpec $wish): Piece
    {
        $bead = array_key_first($wish->materials->beads) ?? 'seed';
        $strand = static fn (int $beads): string => \sprintf(
            'gap fit, 1 overhand, %d bead %s, 1 overhand, gap fit',
            $beads,
            $bead,
        );

        return $wish->completedWith(
            ['cord' => Stock::cord(Fibre::Polyester, 0.8, '#4f4a44')],
            ['seed' => Stock::round(5, '#b98f5a', 1.2)],
            [
                'ring' => Stock::finding(FindingKind::Ring, 6, 6, 4.6),
                'clasp' => Stock::finding(FindingKind::Clasp, 12, 6, 0),
            ],
            $strand(15).', below 3 cm ('.$strand(21).'), below 3 cm ('.$strand(27).')',
            new ClosureWish(
                ClaspClosure::onCord(),
                ['ring', 'clasp'],
            ),
        );
    }

    public function closures(): array
    {
        return [ClaspClosure::onCord(), new TieClosure(), new Breakaway(), TwoEnding::onCord(), new ForGood()];
    }

    public function way(Draft $draft): Way
    {
        return new LayersWay($draft);
    }

    public function ends(Piece $piece): CordUse
    {
        return new CordUse($piece->cord('cord')->cord, 1 + \count(self::below($piece)));
    }

    /**
     * @return list<Check>
     */
    public function checks(Draft $draft): array
    {
        $checks = BodyPlace::Neck === $draft->piece->wearer->place && 1 === $draft->piece->wraps
            ? []
            : [new Check('strands-hang-from-neck', Severity::Warn)];
        foreach ($draft->layers as $i => $layer) {
            $off = $layer->hangs->minus($layer->wished);
            if ($off->absolute()->millimetres >= self::SEEN) {
                $checks[] = new Check('strand-hangs-otherwise', Severity::Hint, [
                    'cord' => $i + 2,
                    'hangs' => $layer->hangs,
                    'wished' => $layer->wished,
                    'lower' => $off->isShorterThan($draft->goal->times(0)) ? 'no' : 'yes',
                ]);
            }
        }

        return $checks;
    }

    protected function role(): string
    {
        return 'cord';
    }

    public function hasLayers(): bool
    {
        return true;
    }

    /**
     * @return list<Below> the strands that hang below the first
     */
    private static function below(Piece $piece): array
    {
        return array_values(array_filter(
            $piece->pattern->tree->parts,
            static fn ($part): bool => $part instanceof Below,
        ));
    }
}
