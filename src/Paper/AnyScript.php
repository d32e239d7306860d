<?php

declare(strict_types=1);

namespace Rinkel\App\Paper;

/**
 * What the font of the paper has no letters for is written in another, that has all there are (bin/build-fonts): names
 * in any script, and signs beyond the first plane, which the library cannot address and finds in a private range.
 */
final readonly class AnyScript
{
    public const FONT = 'anyscript';

    private const FILE = '/var/paper/'.self::FONT.'.php';

    /** Signs from here on, pictures among them, stand in the private range. */
    private const SIGNS = 0x1F000;
    private const PRIVATE = 0xE000;
    private const MOST = 0xAFF;

    /** How pictures are joined, and how they are to look: without them each stands by itself. */
    private const JOINERS = '/[\x{200D}\x{FE0E}\x{FE0F}]/u';

    /**
     * Returns where a sign stands in the font.
     */
    public static function private(int $sign): int
    {
        return $sign >= self::SIGNS && $sign <= self::SIGNS + self::MOST ? $sign - self::SIGNS + self::PRIVATE : $sign;
    }

    /**
     * Returns the file of the font; null where it was not made.
     */
    public static function file(): ?string
    {
        $file = \dirname(__DIR__, 2).self::FILE;

        return is_file($file) ? $file : null;
    }

    /**
     * Returns a text as HTML, what is to be written in the other font marked as such; null where nothing is.
     *
     * @param callable(int): bool $has whether the first font has a letter for a sign
     */
    public static function marked(string $text, callable $has): ?string
    {
        /** @var list<array{bool, string}> $runs */
        $runs = [];
        $isAny = false;
        foreach (mb_str_split((string) preg_replace(self::JOINERS, '', $text)) as $letter) {
            $sign = mb_ord($letter);
            $isOther = $sign > 32 && ($sign > 0xFFFF || !$has($sign));
            $isAny = $isAny || $isOther;
            $letter = $isOther ? (string) mb_chr(self::private($sign)) : $letter;
            $last = \count($runs) - 1;
            $isSame = $last >= 0 && $runs[$last][0] === $isOther;
            $isSame ? $runs[$last] = [$isOther, $runs[$last][1].$letter] : $runs[] = [$isOther, $letter];
        }

        return !$isAny ? null : implode('', array_map(static function (array $run): string {
            $said = nl2br(htmlspecialchars($run[1], \ENT_NOQUOTES));

            return $run[0] ? '<span style="font-family:'.self::FONT.'">'.$said.'</span>' : $said;
        }, $runs));
    }
}
