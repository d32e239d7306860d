<?php

declare(strict_types=1);

namespace Rinkel\App\Stock;

use Rinkel\Core\Cutting\CutSheet;
use Rinkel\Core\Cutting\Cutting;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Plan\Need;
use Rinkel\Core\Stock\Counted;
use Rinkel\Core\Stock\StockCord;

/**
 * How much there is of something once some of it was taken, or came.
 */
final class Amounts
{
    /**
     * @return array{offcuts: list<string>, spools: list<string>} what remains of a cord
     */
    public static function left(StockCord $cord, CutSheet $sheet): array
    {
        $left = [];
        foreach ($sheet->taken as $taken) {
            $left[$taken->supply->id] = $taken->left;
        }
        $rests = ['offcuts' => [], 'spools' => []];
        foreach ($cord->supplies as $supply) {
            $isTouched = \array_key_exists($supply->id, $left);
            $rest = $isTouched ? $left[$supply->id] : $supply->length;
            $least = Length::ofMillimetres($supply->isSpool ? 1.0 : Cutting::WASTE);
            if (!$isTouched || null === $rest || !$rest->isShorterThan($least)) {
                $rests[$supply->isSpool ? 'spools' : 'offcuts'][] = null === $rest ? '?' : (string) $rest;
            }
        }

        return $rests;
    }

    /**
     * @return array<string, mixed> what becomes of beads or findings; nothing where nobody counted them
     */
    public static function fewer(Counted $there, Need $need): array
    {
        $letters = $there->letters();

        return match (true) {
            null !== $letters => ['letters' => (string) $letters->without($need->letters)],
            null !== $there->count => ['count' => max(0, $there->count - $need->count)],
            default => [],
        };
    }

    /**
     * @param array<string, int> $letters that came
     *
     * @return array<string, mixed> what becomes of a thing of which more came; nothing where nobody counts it
     */
    public static function more(StoredItem $stored, bool $isNew, Length|int $much, array $letters): array
    {
        $count = $stored->document()['count'] ?? ($isNew ? 0 : null);
        $there = $stored->text('letters');

        return match (true) {
            $much instanceof Length => ['spools' => [...$stored->texts('spools'), (string) $much]],
            [] !== $letters && ($isNew || '' !== $there) => ['letters' => trim($there.' '.implode(' ', array_map(
                static fn (string|int $letter, int $more): string => $letter.$more,
                array_keys($letters),
                $letters,
            )))],
            \is_int($count) => ['count' => $count + $much],
            default => [],
        };
    }
}
