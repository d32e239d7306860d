<?php

declare(strict_types=1);

namespace Rinkel\App\Platform\Http;

use Random\Randomizer;

/**
 * A word that lets somebody or something in: twelve letters that are easily told apart, shown once, of which only the
 * hash is kept.
 */
final readonly class EntryWord
{
    /** What words are made of: no letter that looks or sounds like another. */
    private const LETTERS = 'bcdfghjkmnprstvwxz23456789';

    private function __construct() {}

    /**
     * Returns a new one, in three groups of four: "k3fd-mm2x-r9tp".
     */
    public static function of(Randomizer $random): string
    {
        $letters = array_map(
            static fn (): string => self::LETTERS[$random->getInt(0, \strlen(self::LETTERS) - 1)],
            range(1, 12),
        );

        return implode('-', str_split(implode('', $letters), 4));
    }

    /**
     * Returns a word as it is compared, however it was typed.
     */
    public static function plain(string $word): string
    {
        return preg_replace('/[^a-z0-9]/', '', strtolower($word)) ?? '';
    }

    /**
     * Returns what is kept of a word.
     */
    public static function proof(string $word): string
    {
        return hash('sha256', self::plain($word));
    }
}
