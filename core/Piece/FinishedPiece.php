<?php

declare(strict_types=1);

namespace Rinkel\Core\Piece;

use Rinkel\Core\Hand\Observation;
use Rinkel\Core\Measure\Length;

/**
 * One finished piece as the log has it: what was planned, and what came of it as far as somebody measured.
 */
final readonly class FinishedPiece
{
    /**
     * @param Length                                          $planned      of the body
     * @param Length|null                                     $body         as it came out, null where nobody measured
     * @param string|null                                     $kind         of the knots that make nearly all of it
     * @param int                                             $knots        planned of that kind
     * @param int|null                                        $tied         of that kind, null as planned
     * @param int|null                                        $minutes      null where nobody looked at the clock
     * @param array<string, array{int, Length, Length|null}>  $cords        how many, how long, and what was left of
     *                                                                      each, by role
     * @param array{materials: string, currency: string}|null $cost         of its materials then, null where no price
     *                                                                      was known
     * @param list<Observation>                               $observations what it told of the hand
     * @param array<mixed>                                    $piece        the piece as it was then, in the open format
     * @param array{moves: int, of: int}|null                 $unmade       moves that the board did not see made, null
     *                                                                      of a piece that was made to its end
     */
    public function __construct(
        public string $name,
        public string $whom,
        public Length $planned,
        public ?Length $body,
        public ?string $kind,
        public int $knots,
        public ?int $tied,
        public ?int $minutes,
        public array $cords,
        public ?array $cost,
        public string $notes,
        public string $otherwise,
        public array $observations,
        public array $piece,
        public ?array $unmade = null,
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
        return null === $this->body || $this->planned->isZero() ? null : $this->body->ratioTo($this->planned) - 1;
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
        $knots = $this->tied ?? $this->knots;

        return null === $this->minutes || 0 === $this->minutes || 0 === $knots ? null : $knots / $this->minutes;
    }
}
