<?php

declare(strict_types=1);

namespace Rinkel\Core\Material;

use Rinkel\Core\Material\Exception\NotAColour;

/**
 * A colour as the screen shows it; always "#rrggbb" in lower case.
 */
final readonly class Colour implements \Stringable
{
    private function __construct(public string $hex) {}

    /**
     * @throws NotAColour If the text is not "#" and six hexadecimal digits
     */
    public static function parse(string $text): self
    {
        return 1 === preg_match('/^#[0-9a-f]{6}$/i', trim($text))
            ? new self(strtolower(trim($text)))
            : throw NotAColour::read($text);
    }

    public function __toString(): string
    {
        return $this->hex;
    }
}
