<?php

declare(strict_types=1);

namespace Rinkel\Core\Sizing;

use Rinkel\Core\Material\Finding;
use Rinkel\Core\Material\FindingKind;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Pattern\Pattern;
use Rinkel\Core\Piece\Piece;
use Rinkel\Core\Piece\PieceSpec;

/**
 * A design around stones of other sizes: its largest is as long as is said, others and how broad they are go along, and
 * a net has as many more rows.
 *
 * @internal
 */
final readonly class Stones implements SizeAxis
{
    /** What is small for a bead, and large for a hand, in mm (judgement). */
    public const RANGE = [5.0, 150.0];

    /** Stones to begin with, in mm (our own steps, from memory). */
    private const STEPS = [20, 25, 30, 35];

    /**
     * @param list<Length> $lengths
     * @param Piece        $piece   the design with what it left open filled in
     */
    public function __construct(
        private array $lengths,
        private Piece $piece,
    ) {}

    public static function usual(Piece $piece): self
    {
        return new self(array_map(Length::ofMillimetres(...), self::STEPS), $piece);
    }

    public function sizes(PieceSpec $design): array
    {
        $own = Length::longest(...array_map(
            static fn (Finding $finding): Length => FindingKind::Stone === $finding->kind
                ? $finding->length
                : Length::zero(),
            array_values($this->piece->findings),
        ), ...[Length::ofMillimetres(1)]);

        return array_map(function (Length $length) use ($design, $own): Size {
            $share = $length->ratioTo($own);
            $wish = $design->withFindings(array_map(
                static fn (Finding $finding): Finding => FindingKind::Stone === $finding->kind
                    ? Finding::of(FindingKind::Stone, $finding->length->times($share), $finding->width->times($share))
                    : $finding,
                $this->piece->findings,
            ));

            return new Size('', $length, $this->netted($wish, $this->piece->pattern->tree, $share));
        }, $this->lengths);
    }

    /**
     * @param array<string, Finding> $findings
     */
    public static function areIn(array $findings): bool
    {
        return [] !== array_filter($findings, static fn (Finding $one): bool => FindingKind::Stone === $one->kind);
    }

    private function netted(PieceSpec $wish, Pattern $pattern, float $share): PieceSpec
    {
        $growth = GrowingRows::of($wish, $pattern);

        return null === $growth ? $wish : $growth->at(max(1, (int) round($growth->now * $share)));
    }
}
