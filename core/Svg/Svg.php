<?php

declare(strict_types=1);

namespace Rinkel\Core\Svg;

/**
 * Writes SVG elements: names are ours, numbers are written to a hundredth, every text is escaped.
 *
 * @internal
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

    /**
     * Returns a whole drawing.
     *
     * @param array{float, float, float, float} $box        of what is drawn, in mm: left, top, width and height
     * @param string                            $label      what it shows, for those who do not see it
     * @param array<string, string|float>       $attributes further ones
     */
    public static function drawing(
        array $box,
        string $label,
        string $class,
        array $attributes,
        string ...$children,
    ): string {
        return self::element('svg', [
            'xmlns' => 'http://www.w3.org/2000/svg',
            'viewBox' => implode(' ', array_map(self::number(...), $box)),
            'role' => 'img',
            'aria-label' => $label,
            'class' => $class,
        ] + $attributes, ...$children);
    }

    public static function text(string $text): string
    {
        // Most of what is written is long lines of numbers, which are looked through faster than they are rewritten.
        return strcspn($text, '&<>"\'') === \strlen($text) ? $text : htmlspecialchars($text, \ENT_QUOTES | \ENT_XML1);
    }

    public static function number(float $number): string
    {
        $rounded = round($number, 2);

        return 0.0 === $rounded ? '0' : (string) $rounded;
    }
}
