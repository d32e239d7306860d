<?php

declare(strict_types=1);

namespace Rinkel\App\Piece;

use Rinkel\Core\Piece\PieceSpec;
use Rinkel\Core\Plan\Plan;
use Rinkel\Core\Remark\Severity;

/**
 * The stages of planning a piece, in the order of work: one of them is open on the page, any can be at any time.
 */
enum Stage: string
{
    case Measure = 'measure';
    case Materials = 'materials';
    case Pattern = 'pattern';
    case Closure = 'closure';
    case Checks = 'checks';
    case Cut = 'cut';
    case Make = 'make';
    case Finish = 'finish';

    /**
     * Returns the stage in which a field stands.
     */
    public static function of(string $field): self
    {
        return match (true) {
            1 === preg_match('/^(?:pattern|word\.|gauge)/', $field) => self::Pattern,
            1 === preg_match('/^(?:cords|beads|findings)\b/', $field) => self::Materials,
            str_starts_with($field, 'closure') => self::Closure,
            str_starts_with($field, 'habits'), \in_array($field, ['tension', 'risk', 'instantGlue'], true) => self::Cut,
            default => self::Measure,
        };
    }

    /**
     * Returns "wrong" where a field cannot be read or something stands in the way, "look" where something wants a look,
     * "decided" where the maker has decided anything, else "open".
     *
     * @param list<string> $faulty fields
     */
    public function state(PieceSpec $wish, Plan $plan, array $faulty): string
    {
        $wrong = [] !== array_filter($faulty, fn (string $field): bool => $this === self::of($field));

        return match (true) {
            $wrong => 'wrong',
            self::Checks === $this => match ($plan->worst()) {
                Severity::Stop => 'wrong',
                Severity::Warn => 'look',
                default => 'decided',
            },
            default => $this->isDecided($wish) ? 'decided' : 'open',
        };
    }

    private function isDecided(PieceSpec $wish): bool
    {
        return match ($this) {
            self::Measure, self::Checks => true,
            self::Materials => [] !== $wish->materials->cords || [] !== $wish->materials->beads || [] !== $wish->materials->findings,
            self::Pattern => null !== $wish->pattern,
            self::Closure => null !== $wish->closure,
            self::Cut => null !== $wish->workmanship->tension,
            self::Make, self::Finish => false,
        };
    }
}
