<?php

declare(strict_types=1);

namespace Rinkel\Core\Pattern;

/**
 * The words of the notation in another language. Patterns are kept in English only; whoever works in another language
 * reads and types them in its words, and English ones beside them.
 *
 * @internal
 */
final readonly class Vocabulary
{
    /** A word, or a text in quotes, in which nothing is a word of the notation. */
    private const WORDS = '/"[^"\n]*"|[\pL][\pL\d_-]*/u';

    /** A length whose whole number and decimals have a comma between them, which elsewhere stands between parts. */
    private const DECIMALS = '/\b((?:gap|every|below|binding|braid|unequal|body)[ \t]+\d+),(?=\d)/u';

    /**
     * @param array<string, string> $said    each English word in this language
     * @param array<string, string> $english each word of this language in English
     */
    private function __construct(
        private array $said,
        private array $english,
        private string $mark,
    ) {}

    /**
     * @param array<string, string> $words each English word in this language; several, the usual one first, with "|"
     *                                     between them
     * @param string                $mark  what stands between a whole number and its decimals
     */
    public static function of(array $words, string $mark = '.'): self
    {
        [$said, $english] = [[], []];
        foreach ($words as $word => $all) {
            $all = explode('|', mb_strtolower($all));
            $said[$word] = $all[0];
            $english += array_fill_keys($all, $word);
        }

        return new self($said, $english, $mark);
    }

    /**
     * Returns the vocabulary without $names, which somebody gave to beads and cords: they mean these, in any language.
     *
     * @param list<string> $names
     */
    public function without(array $names): self
    {
        $names = array_fill_keys(array_map(mb_strtolower(...), $names), true);

        return new self(
            array_filter($this->said, static fn (string $word): bool => !isset($names[$word])),
            array_diff_key($this->english, $names),
            $this->mark,
        );
    }

    /**
     * Returns a text in English as it is said in this language.
     */
    public function said(string $text): string
    {
        $said = preg_replace_callback(
            self::WORDS,
            fn (array $found): string => $this->said[$found[0]] ?? $found[0],
            $text,
        ) ?? $text;

        return '.' === $this->mark
            ? $said
            : preg_replace('/(?<=\d)\.(?=\d)/', $this->mark, $said) ?? $said;
    }

    /**
     * Returns a text as somebody typed it, in English, with where its words stood.
     */
    public function read(string $typed): InEnglish
    {
        $words = [];
        foreach (explode("\n", $typed) as $i => $line) {
            preg_match_all(self::WORDS, $line, $found, \PREG_OFFSET_CAPTURE);
            foreach ($found[0] as [$word, $offset]) {
                $words[$i + 1][] = [
                    mb_strlen(substr($line, 0, $offset)) + 1,
                    $word,
                    $this->english[mb_strtolower($word)] ?? $word,
                ];
            }
        }
        $english = preg_replace_callback(
            self::WORDS,
            fn (array $found): string => $this->english[mb_strtolower($found[0])] ?? $found[0],
            $typed,
        ) ?? $typed;

        return new InEnglish(
            ',' === $this->mark ? preg_replace(self::DECIMALS, '$1.', $english) ?? $english : $english,
            $words,
        );
    }
}
