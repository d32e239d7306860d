<?php

declare(strict_types=1);

namespace Rinkel\App\Svg;

/**
 * Writes SVG elements: names are ours, numbers are written to a thousandth, every text is escaped.
 */
final class Svg
{
    /**
     * @param array<string, string|int|float|null> $attributes null leaves one out
     */
    public static function element(string $name, array $attributes, string ...$children): string
    {
        $written = '';
        foreach ($attributes as $attribute => $value) {
            if (null !== $value) {
                $written .= ' '.$attribute.'="'.(\is_string($value) ? self::text($value) : self::number($value)).'"';
            }
        }

        return [] === $children
            ? '<'.$name.$written.'/>'
            : '<'.$name.$written.'>'.implode('', $children).'</'.$name.'>';
    }

    public static function text(string $text): string
    {
        return htmlspecialchars($text, \ENT_QUOTES | \ENT_XML1);
    }

    public static function number(float $number): string
    {
        $rounded = round($number, 3);

        return 0.0 === $rounded ? '0' : (string) $rounded;
    }
}
