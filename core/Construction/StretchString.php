<?php

declare(strict_types=1);

namespace Rinkel\Core\Construction;

use Rinkel\Core\Closure\ClosureKind;
use Rinkel\Core\Closure\ClosureWish;
use Rinkel\Core\Construction\Internal\Stock;
use Rinkel\Core\Line\Element;
use Rinkel\Core\Line\Maker;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\CordUse;
use Rinkel\Core\Material\Fibre;
use Rinkel\Core\Piece\Piece;
use Rinkel\Core\Plan\Check;
use Rinkel\Core\Plan\Draft;
use Rinkel\Core\Plan\Severity;
use Rinkel\Core\Material\FindingKind;
use Rinkel\Core\Material\Finding;
use Rinkel\Core\Material\Hole;
use Rinkel\Core\Material\Ending;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Knot\OverhandKnot;
use Rinkel\Core\Pattern\Node\KnotKind;
use Rinkel\Core\Pattern\Node\Lane;
use Rinkel\Core\Construction\Internal\BandMaker;
use Rinkel\Core\Construction\Internal\CordMaker;
use Rinkel\Core\Construction\Internal\WrapMaker;

/**
 * Beads on elastic, knotted shut; also with a word in the middle.
 */
final readonly class StretchString implements Construction
{
    public function id(): string
    {
        return 'stretch';
    }

    public function completed(Piece $piece): Piece
    {
        return $piece->completedWith(
            ['cord' => Stock::cord(Fibre::ElasticBraid, 0.7, '#e8e8e8')],
            ['bead' => Stock::round(8, '#8fb3a8', 1.2)],
            [],
            '('.implode(', ', array_map(static fn (string $name): string => '1 bead '.$name, [] === $piece->beads ? ['bead'] : array_map(strval(...), array_keys($piece->beads)))).') x fit',
            new ClosureWish(ClosureKind::Elastic),
        );
    }

    public function closures(): array
    {
        return [ClosureKind::Elastic];
    }

    public function maker(Piece $piece): Maker
    {
        return new CordMaker($piece, 'cord', []);
    }

    public function roles(Piece $piece): array
    {
        return [Role::single('cord', $piece->cord('cord')->count, true)];
    }

    public function ends(Piece $piece): CordUse
    {
        return $piece->cord('cord');
    }

    public function passes(Piece $piece, Element $bead): array
    {
        return [$piece->cord('cord')->cord];
    }

    public function checks(Draft $draft): array
    {
        return (new Internal\ElasticJudgement($draft))->checks();
    }
}
