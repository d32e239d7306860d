<?php

declare(strict_types=1);

namespace Rinkel\App\Stock;

use Rinkel\Core\Cutting\Taking;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Plan\Need;
use Rinkel\Core\Stock\Counted;

/**
 * How much there is of something once some of it was taken, or came.
 */
final class Amounts
{
    /**
     * @return array{offcuts: list<string>, spools: list<string>} what remains of a cord
     */
    public static function left(Taking $taking): array
    {
        $rests = ['offcuts' => [], 'spools' => []];
        foreach ($taking->left as $supply) {
            $rests[$supply->isSpool ? 'spools' : 'offcuts'][] = null === $supply->length ? '?' : (string) $supply->length;
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
