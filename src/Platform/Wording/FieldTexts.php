<?php

declare(strict_types=1);

namespace Rinkel\App\Platform\Wording;

use Rinkel\Core\Closure\Shows;
use Rinkel\Core\Closure\Tails;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;

/**
 * The fields of the Piece page as texts, each by its path in the open format.
 */
final class FieldTexts
{
    private const BASE = [
        'name', 'for', 'unit', 'wearer.place', 'wearer.girth', 'wearer.measured', 'wearer.hand', 'wearer.upper',
        'wearer.upperAt', 'ease', 'length', 'drop', 'gauge',
        'wraps', 'tension', 'risk', 'pattern', 'closure.kind', 'closure.knots', 'closure.wraps', 'closure.tail', 'closure.shows', 'closure.loops', 'closure.findings',
        'closure.glued', 'closure.knotted', 'closure.start', 'closure.finish', 'closure.play', 'closure.tails',
        'closure.short', 'closure.spaced', 'closure.plain', 'closure.behind', 'forChild', 'instantGlue',
        'habits.rounding', 'habits.coreEnds', 'habits.workingEnds', 'habits.tailEnd', 'habits.sliderKnots',
        'habits.side',
        'habits.melting', 'habits.gluing', 'habits.working', 'habits.stops', 'habits.button',
        'habits.crossing', 'habits.stringing', 'habits.halves', 'habits.joining', 'habits.reminders', 'habits.loopEnd',
        'habits.sealing',
    ];
    private const PARTS = [
        'cords' => ['called', 'fibre', 'thickness', 'width', 'colour', 'count', 'lay', 'run', 'stretch'],
        'beads' => [
            'called',
            'shape',
            'diameter',
            'length',
            'hole',
            'colour',
            'material',
            'finish',
            'letters',
            'stock',
            'glass',
        ],
        'findings' => ['called', 'kind', 'length', 'width', 'inside', 'form', 'stock', 'nickel'],
    ];

    /** Lengths that are shown in the piece's unit; those in PARTS are in mm. */
    private const LENGTHS = [
        'wearer.girth',
        'wearer.hand',
        'wearer.upper',
        'wearer.upperAt',
        'ease',
        'length',
        'drop',
        'gauge',
        'closure.tail',
        'closure.short',
        'habits.rounding',
        'habits.coreEnds',
        'habits.workingEnds',
        'habits.tailEnd',
    ];
    private const FINE = ['thickness', 'width', 'diameter', 'length', 'hole', 'inside'];

    /** Longer texts are cut before they are kept: no field means anything near it. */
    private const LONGEST = 20_000;

    /**
     * Returns the texts of all fields as they show a document.
     *
     * @param array<mixed> $document
     *
     * @return array<string, string>
     */
    public static function of(array $document, Unit $unit, string $mark = '.'): array
    {
        $fields = [];
        foreach (self::BASE as $path) {
            $fields[$path] = self::written($path, self::at($document, $path), $unit, $mark);
        }
        foreach (self::PARTS as $kind => $parts) {
            foreach (array_keys(\is_array($document[$kind] ?? null) ? $document[$kind] : []) as $name) {
                foreach ($parts as $part) {
                    $path = $kind.'.'.$name.'.'.$part;
                    $fields[$path] = 'called' === $part
                        ? (string) $name
                        : self::written($path, self::at($document, $path), $unit, $mark);
                }
            }
        }

        return $fields;
    }

    /**
     * Returns what somebody sent, as texts by field; what can be no field is dropped.
     *
     * @return array<string, string>
     */
    public static function texts(mixed $sent): array
    {
        $texts = [];
        foreach (\is_array($sent) ? $sent : [] as $path => $value) {
            if (\is_scalar($value) && 1 === preg_match('/^[\pL\d_.-]{1,120}$/Du', (string) $path)) {
                $texts[(string) $path] = mb_substr(mb_scrub((string) $value), 0, self::LONGEST);
            }
        }

        return $texts;
    }

    /**
     * Returns texts that could not be read yet with every bare length said in $bare, so that they mean the same in
     * another unit.
     *
     * @param array<string, string> $texts by field
     *
     * @return array<string, string>
     */
    public static function pinned(array $texts, Unit $bare): array
    {
        foreach ($texts as $path => $text) {
            if (\in_array($path, self::LENGTHS, true)) {
                $texts[$path] = self::inUnit($text, $bare);
            }
        }

        return $texts;
    }

    /**
     * Returns a length with its unit, $bare where it has none; what is no bare length stays.
     */
    public static function inUnit(string $text, Unit $bare): string
    {
        return 1 === preg_match('/^[\s\d.,\/½¼¾⅛⅜⅝⅞]+$/u', $text) ? rtrim($text).' '.$bare->value : $text;
    }

    private static function written(string $path, string $exact, Unit $unit, string $mark): string
    {
        $fine = 1 === preg_match(
            '/^(cords|beads|findings)\.[^.]+\.([a-z]+)$/',
            $path,
            $match,
        ) && \in_array($match[2], self::FINE, true);
        if ('closure.shows' === $path && '' !== $exact) {
            return Shows::parse($exact, Unit::Millimetre)->said($unit);
        }
        if ('closure.tails' === $path && '' !== $exact) {
            return Tails::parse($exact, Unit::Millimetre)->said($unit);
        }
        if ('' === $exact || !$fine && !\in_array($path, self::LENGTHS, true)) {
            return $exact;
        }

        return (string) Length::parse(
            $exact,
            Unit::Millimetre,
        )->written($fine ? Unit::Millimetre : $unit)->marked($mark);
    }

    /**
     * Returns the text that stands at a path; "" where none does.
     *
     * @param array<mixed> $document
     */
    public static function at(array $document, string $path): string
    {
        $value = $document;
        foreach (explode('.', $path) as $step) {
            $value = \is_array($value) ? $value[$step] ?? '' : '';
        }

        return match (true) {
            \is_array($value) => implode(' ', array_filter($value, is_string(...))),
            true === $value => 'yes',
            default => \is_scalar($value) ? (string) $value : '',
        };
    }

    /**
     * @param array<mixed>            $document
     * @param int|string|list<string> $value
     */
    public static function put(array &$document, string $path, int|string|array $value): void
    {
        $place = &$document;
        foreach (explode('.', $path) as $step) {
            $place = \is_array($place) ? $place : [];
            $place = &$place[$step];
        }
        $place = $value;
    }
}
