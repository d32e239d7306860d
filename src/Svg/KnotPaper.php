<?php

declare(strict_types=1);

namespace Rinkel\App\Svg;

use Rinkel\Core\Drawing\Course;
use Rinkel\Core\Geometry\Point;
use Rinkel\Core\Knot\DrawnWay;
use Rinkel\Core\Svg\Svg;

/**
 * Squared paper on which somebody lays the way of a cord through a knot of their own: its places to be moved, its
 * crossings numbered as the cord comes to them.
 */
final readonly class KnotPaper
{
    /** A square is so many diameters of the cord wide. */
    public const SQUARE = 1.6;

    /** Rows of paper below the last place, and at least in all. */
    private const BELOW = 3;
    private const ROWS = 20;

    private const MARGIN = 1.8;
    private const COLOUR = '#2f6f73';

    private function __construct() {}

    /**
     * @param DrawnWay|null $way   null while there is none
     * @param string        $label what it shows
     */
    public static function of(?DrawnWay $way, string $label): string
    {
        $rows = min(DrawnWay::ROWS, max(
            self::ROWS,
            self::BELOW + (null === $way ? 0 : max(array_column($way->places, 1)) + 1),
        ));
        $wide = self::SQUARE * (DrawnWay::COLUMNS - 1);
        $high = self::SQUARE * ($rows - 1);

        return Svg::drawing(
            [-self::MARGIN, -self::MARGIN, $wide + 2 * self::MARGIN, $high + 2 * self::MARGIN],
            $label,
            'knot-paper',
            [
                'id' => 'knot-paper',
                'data-square' => self::SQUARE,
                'data-columns' => DrawnWay::COLUMNS,
                'data-rows' => $rows,
            ],
            self::squares($rows),
            null === $way ? '' : self::cord($way).self::places($way).self::crossings($way),
        );
    }

    private static function squares(int $rows): string
    {
        [$lines, $names] = ['', ''];
        [$right, $bottom] = [self::SQUARE * (DrawnWay::COLUMNS - 1), self::SQUARE * ($rows - 1)];
        for ($column = 0; $column < DrawnWay::COLUMNS; ++$column) {
            $x = Svg::number(self::SQUARE * $column);
            $lines .= 'M'.$x.' 0V'.Svg::number($bottom);
            $names .= self::name(self::SQUARE * $column, -0.8, \chr(\ord('a') + $column));
        }
        for ($row = 0; $row < $rows; ++$row) {
            $lines .= 'M0 '.Svg::number(self::SQUARE * $row).'H'.Svg::number($right);
            $names .= self::name(-1.1, self::SQUARE * $row + 0.28, (string) ($row + 1));
        }

        return Svg::element('path', ['class' => 'paper-lines', 'd' => $lines]).$names;
    }

    private static function name(float $x, float $y, string $name): string
    {
        return Svg::element('text', ['class' => 'paper-name', 'x' => $x, 'y' => $y, 'text-anchor' => 'middle'], $name);
    }

    private static function cord(DrawnWay $way): string
    {
        $painted = '';
        $levels = [];
        $course = Course::of('cord', array_map(
            static fn (Point $point): Point => new Point(
                self::SQUARE * (DrawnWay::COLUMNS / 2 - $point->y),
                self::SQUARE * $point->x,
            ),
            $way->points,
        ), $way->levels());
        foreach ($course->strand()->spans as $span) {
            $d = implode(
                ' ',
                array_map(static fn (Point $at): string => Svg::number($at->x).','.Svg::number($at->y), $span->points),
            );
            $levels[$span->level][] = 'M'.$d;
        }
        ksort($levels);
        foreach ($levels as $lines) {
            foreach (['cord-edge', 'cord-body', 'cord-light'] as $class) {
                $painted .= Svg::element(
                    'path',
                    ['class' => $class, 'color' => self::COLOUR, 'd' => implode('', $lines)],
                );
            }
        }

        return $painted;
    }

    private static function places(DrawnWay $way): string
    {
        $dots = '';
        $last = \count($way->places) - 1;
        foreach ($way->places as $i => [$column, $row]) {
            $dots .= Svg::element('circle', [
                'class' => $i === $last ? 'paper-place paper-end' : 'paper-place',
                'data-place' => $i,
                'cx' => self::SQUARE * $column,
                'cy' => self::SQUARE * $row,
                'r' => 0.34,
            ]);
        }

        return $dots;
    }

    private static function crossings(DrawnWay $way): string
    {
        $marks = '';
        foreach ($way->crossings as $i => $crossing) {
            [$x, $y] = [self::SQUARE * (DrawnWay::COLUMNS / 2 - $crossing->at->y), self::SQUARE * $crossing->at->x];
            $marks .= Svg::element(
                'g',
                ['class' => 'paper-crossing', 'data-crossing' => $i],
                Svg::element('circle', ['class' => 'grip-room', 'cx' => $x, 'cy' => $y, 'r' => 0.8]),
                Svg::element('circle', ['class' => 'paper-mark', 'cx' => $x + 1.15, 'cy' => $y, 'r' => 0.55]),
                Svg::element('text', [
                    'class' => 'paper-number', 'x' => $x + 1.15, 'y' => $y + 0.28, 'text-anchor' => 'middle',
                ], (string) ($i + 1)),
            );
        }

        return $marks;
    }
}
