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

    /**
     * Returns lightness L* (0 to 100) and the two colour axes a* and b* (CIE 1976, sRGB with white point D65: IEC
     * 61966-2-1, ISO/CIE 11664-4; matrix and white from memory).
     *
     * @return array{float, float, float}
     */
    public function lab(): array
    {
        $linear = array_map(static function (string $pair): float {
            $value = hexdec($pair) / 255;

            return $value <= 0.04045 ? $value / 12.92 : (($value + 0.055) / 1.055) ** 2.4;
        }, str_split(substr($this->hex, 1), 2));
        [$r, $g, $b] = [$linear[0], $linear[1] ?? 0.0, $linear[2] ?? 0.0];
        $root = static fn (float $t): float => $t > (6 / 29) ** 3 ? $t ** (1 / 3) : $t / (3 * (6 / 29) ** 2) + 4 / 29;
        $x = $root((0.4124564 * $r + 0.3575761 * $g + 0.1804375 * $b) / 0.95047);
        $y = $root(0.2126729 * $r + 0.7151522 * $g + 0.0721750 * $b);
        $z = $root((0.0193339 * $r + 0.1191920 * $g + 0.9503041 * $b) / 1.08883);

        return [116 * $y - 16, 500 * ($x - $y), 200 * ($y - $z)];
    }

    /**
     * Returns how different two colours look (CIEDE2000).
     */
    public function differenceTo(self $other): float
    {
        return ColourDifference::between($this->lab(), $other->lab());
    }

    public function __toString(): string
    {
        return $this->hex;
    }
}
