<?php

declare(strict_types=1);

namespace Rinkel\Core\Material;

use Rinkel\Core\Material\Exception\LettersUnread;

/**
 * Letter beads at hand, letter by letter: "A3 B1 N2", or as they lie in the tray, "AAABNN".
 *
 * @internal
 */
final readonly class Letters implements \Stringable
{
    /**
     * @param array<string, int> $counts by letter, each of 0 to 999
     */
    private function __construct(public array $counts) {}

    /**
     * @throws LettersUnread If the text says neither
     */
    public static function parse(string $text): self
    {
        $counts = [];
        foreach (preg_split('/[\s,;]+/u', trim($text), -1, \PREG_SPLIT_NO_EMPTY) ?: [] as $word) {
            if (1 === preg_match('/^(\PM\pM*)(\d{1,3})$/u', $word, $match) && 0 === preg_match('/^\d/', $match[1])) {
                $counts[$match[1]] = ($counts[$match[1]] ?? 0) + (int) $match[2];
                continue;
            }
            if (1 === preg_match('/[\d"]/', $word) || mb_strlen($word) > 200) {
                throw LettersUnread::from($word);
            }
            foreach (mb_str_split($word) as $letter) {
                $counts[$letter] = ($counts[$letter] ?? 0) + 1;
            }
        }
        if ([] === $counts) {
            throw LettersUnread::from($text);
        }
        ksort($counts, \SORT_STRING);

        return new self($counts);
    }

    /**
     * Returns which letters are missing for $wanted, and how many of each.
     *
     * @param array<string, int> $wanted by letter
     *
     * @return array<string, int>
     */
    public function missing(array $wanted): array
    {
        $missing = [];
        foreach ($wanted as $letter => $count) {
            $missing[(string) $letter] = max(0, $count - ($this->counts[$letter] ?? 0));
        }

        return array_filter($missing, static fn (int $count): bool => $count > 0);
    }

    /**
     * Returns what remains when $taken are taken out, as far as they are there.
     *
     * @param array<string, int> $taken by letter
     */
    public function without(array $taken): self
    {
        $counts = $this->counts;
        foreach ($taken as $letter => $count) {
            $counts[$letter] = max(0, ($counts[$letter] ?? 0) - $count);
        }
        ksort($counts, \SORT_STRING);

        return new self($counts);
    }

    public function __toString(): string
    {
        return implode(' ', array_map(
            static fn (int|string $letter, int $count): string => $letter.$count,
            array_keys($this->counts),
            $this->counts,
        ));
    }
}
