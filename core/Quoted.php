<?php

declare(strict_types=1);

namespace Rinkel\Core;

/**
 * What somebody typed, made fit to stand inside a failure's sentence: quoted, on one line, cut to 40 characters.
 *
 * @internal
 */
final readonly class Quoted implements \Stringable
{
    private const LONGEST = 40;

    public function __construct(private string $typed) {}

    public function __toString(): string
    {
        $line = trim(preg_replace('/[\s\p{C}]+/u', ' ', mb_scrub($this->typed)) ?? '');
        $cut = mb_strlen($line) > self::LONGEST ? mb_substr($line, 0, self::LONGEST).'…' : $line;

        return '“'.$cut.'”';
    }
}
