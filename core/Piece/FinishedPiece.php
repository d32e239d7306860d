<?php

declare(strict_types=1);

namespace Rinkel\Core\Piece;

use Rinkel\Core\Hand\Observation;
use Rinkel\Core\Measure\Length;

/**
 * One finished piece as the log has it: what was planned, and what came of it as far as somebody measured.
 *
 * @internal
 */
final readonly class FinishedPiece
{
    /**
     * @param array<string, array{int, Length, Length|null}>  $cords        how many, how long, and what was left of
     *                                                                      each, by role
     * @param array{materials: string, currency: string}|null $cost         of its materials then, null where no price
     *                                                                      was known
     * @param list<Observation>                               $observations what it told of the hand
     * @param array<mixed>                                    $piece        the piece as it was then, in the open format
     */
    public function __construct(
        public string $name,
        public string $whom,
        public PieceOutcome $outcome,
        public array $cords,
        public ?array $cost,
        public Remarks $remarks,
        public array $observations,
        public array $piece,
    ) {}

    /**
     * Returns the beads that the piece was made of, by short name.
     *
     * @return list<string>
     */
    public function beads(): array
    {
        $beads = $this->piece['beads'] ?? null;

        return \is_array($beads) ? array_map(strval(...), array_keys($beads)) : [];
    }

    /**
     * Returns by what share of its planned length it came out longer, null where nobody measured.
     */
    public function off(): ?float
    {
        return null === $this->outcome->body || $this->outcome->planned->isZero()
            ? null
            : $this->outcome->body->ratioTo($this->outcome->planned) - 1;
    }

    /**
     * Returns which share of all cord that was measured was left over, null where nobody measured.
     */
    public function left(): ?float
    {
        [$cut, $left] = [0.0, 0.0];
        foreach ($this->cords as [$count, $length, $rest]) {
            if (null !== $rest) {
                $cut += $count * $length->millimetres;
                $left += $count * $rest->millimetres;
            }
        }

        return $cut > 0.0 ? $left / $cut : null;
    }

    /**
     * Returns how many knots a minute, null where nobody looked at the clock.
     */
    public function pace(): ?float
    {
        $knots = $this->outcome->tied ?? $this->outcome->knots;

        return null === $this->outcome->minutes || 0 === $this->outcome->minutes || 0 === $knots
            ? null
            : $knots / $this->outcome->minutes;
    }
}
