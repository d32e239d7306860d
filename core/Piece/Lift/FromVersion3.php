<?php

declare(strict_types=1);

namespace Rinkel\Core\Piece\Lift;

use Rinkel\Core\Piece\FormatUpgrade;
use Rinkel\Core\Piece\Naming;

/**
 * From version 3 to 4: words that mean something in a pattern since. What was called by one of them is called
 * otherwise, with a number behind: a bead "hang" is "hang-1", wherever it stands.
 *
 * @internal
 */
final class FromVersion3 implements FormatUpgrade
{
    /** Words of the notation since version 4. */
    private const WORDS = ['binding', 'hang', 'level', 'loose'];

    public function lift(array $document): array
    {
        return ['version' => 4] + self::freed($document);
    }

    /**
     * Returns $document, of any version before 4, with none of the words as a name.
     *
     * @param array<mixed> $document
     *
     * @return array<mixed>
     */
    public static function freed(array $document): array
    {
        $taken = [];
        foreach (['beads', 'findings', 'cords'] as $part) {
            $taken += \is_array($document[$part] ?? null) ? $document[$part] : [];
        }
        $called = [];
        foreach (array_keys($taken) as $name) {
            if (\in_array(mb_strtolower((string) $name), self::WORDS, true)) {
                $called[$name] = Naming::near((string) $name, $taken);
                $taken[$called[$name]] = true;
            }
        }

        return [] === $called ? $document : self::renamed($document, $called);
    }

    /**
     * @param array<mixed>                       $document
     * @param non-empty-array<array-key, string> $called   new names by old ones
     *
     * @return array<mixed>
     */
    private static function renamed(array $document, array $called): array
    {
        foreach (['beads', 'findings', 'cords'] as $part) {
            if (\is_array($document[$part] ?? null)) {
                $entries = [];
                foreach ($document[$part] as $name => $entry) {
                    $entries[$called[$name] ?? $name] = $entry;
                }
                $document[$part] = $entries;
            }
        }
        if (\is_array($document['closure'] ?? null) && \is_array($document['closure']['findings'] ?? null)) {
            $document['closure']['findings'] = array_map(
                static fn (mixed $name): mixed => \is_string($name) ? $called[$name] ?? $name : $name,
                $document['closure']['findings'],
            );
        }
        if (\is_string($document['pattern'] ?? null)) {
            $document['pattern'] = self::pattern($document['pattern'], $called);
        }

        return $document;
    }

    /**
     * Changes words, not what stands between quotation marks.
     *
     * @param array<array-key, string> $called
     */
    private static function pattern(string $pattern, array $called): string
    {
        return preg_replace_callback(
            '/"[^"]*"|[\pL][\pL\d_-]*/u',
            static fn (array $word): string => $called[$word[0]] ?? $word[0],
            $pattern,
        ) ?? $pattern;
    }
}
