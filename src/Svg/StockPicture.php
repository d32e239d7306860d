<?php

declare(strict_types=1);

namespace Rinkel\App\Svg;

use Rinkel\Core\Material\Bead;
use Rinkel\Core\Material\BeadFinish;
use Rinkel\Core\Material\BeadShape;
use Rinkel\Core\Material\Colour;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\Finding;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Stock\StockCord;
use Rinkel\Core\Svg\BeadPicture;
use Rinkel\Core\Svg\FindingPicture;
use Rinkel\Core\Svg\Svg;

/**
 * Draws what lies in the box: cord on drums as full as they are, offcuts as lengths on one tape, beads and findings in
 * compartments of one size.
 */
final class StockPicture
{
    /** A drum is full with so much where nobody said how long its cord was, in mm (judgement). */
    private const FULL = 25_000.0;

    /** A drum, in its own units: its height, how thick its barrel is, how wide the cord lies. */
    private const DRUM = [60.0, 14.0, 44.0];

    /** A compartment, in mm of what lies in it; larger things are drawn smaller. */
    private const BOX = [44.0, 26.0];

    /** So many beads are drawn at most; who counts reads the number. */
    private const MOST = 60;

    /**
     * Draws the drums of a cord and its offcuts, all of them on a tape as long as $tape.
     *
     * @param Length|null $full how much a new drum has; null where nobody said
     * @param float       $tape in mm
     */
    public static function cord(StockCord $stock, ?Length $full, float $tape, string $label): string
    {
        $colour = $stock->cord->colour;
        $parts = [];
        $x = 0.0;
        foreach ($stock->supplies as $supply) {
            if ($supply->isSpool) {
                $most = max($full->millimetres ?? self::FULL, $supply->length->millimetres ?? 0.0);
                $parts[] = self::drum(
                    $x,
                    $colour,
                    null === $supply->length ? null : $supply->length->millimetres / $most,
                );
                $x += 66.0;
            }
        }
        $y = 4.0;
        $offcuts = array_map(
            static fn ($supply): float => $supply->length->millimetres ?? 0.0,
            array_filter($stock->supplies, static fn ($supply): bool => !$supply->isSpool),
        );
        sort($offcuts);
        $from = $x + ([] === $parts ? 0.0 : 8.0);
        $room = max(120.0, 420.0 - $from);
        $each = min(11.0, 58.0 / max(1, \count($offcuts)));
        foreach ($offcuts as $length) {
            $parts[] = Svg::element('rect', [
                'x' => $from, 'y' => $y, 'width' => max(
                    2.0,
                    $room * $length / $tape,
                ), 'height' => max(1.5, 0.7 * $each),
                'rx' => 1, 'fill' => $colour->hex, 'class' => 'cord-lying',
            ]);
            $y += $each;
        }

        return Svg::drawing([-2, -1, 424, 64], $label, 'stock-cord', [], ...$parts);
    }

    /**
     * Draws a compartment with beads, as many as there are and fit.
     */
    public static function beads(Bead $bead, ?int $count, string $id, string $label): string
    {
        [$wide, $high] = self::BOX;
        [$length, $width] = [max(0.5, $bead->length->millimetres), max(0.5, $bead->diameter->millimetres)];
        $scale = min(1.0, 0.9 * $wide / $length, 0.9 * $high / $width);
        $scaled = 'scale('.Svg::number($scale).')';
        $light = BeadFinish::Matt === $bead->finish ? '' : BeadPicture::light($id.'-light');
        $definition = BeadPicture::definition($id.'-bead', $id.'-light', $bead);
        [$across, $up] = [$length * $scale * 1.06, $width * $scale * 1.06];
        [$columns, $rows] = [max(1, (int) floor($wide / $across)), max(1, (int) floor($high / $up))];
        $many = min($count ?? 3, $columns * $rows, self::MOST);
        $copies = [];
        for ($i = 0; $i < $many; ++$i) {
            [$row, $column] = [intdiv($i, $columns), $i % $columns];
            $copies[] = Svg::element('use', [
                'href' => '#'.$id.'-bead',
                'transform' => \sprintf(
                    'translate(%s %s) %s',
                    Svg::number(($column + 0.5) * $across + ($wide - $columns * $across) / 2),
                    Svg::number($high - ($row + 0.5) * $up),
                    $scaled,
                ),
            ]);
        }
        if (BeadShape::Letter === $bead->shape && null !== $bead->letters) {
            $copies = [Svg::element('text', [
                'x' => $wide / 2, 'y' => $high / 2 + 3, 'text-anchor' => 'middle', 'class' => 'stock-letters',
            ], Svg::text(mb_substr(implode(' ', array_keys($bead->letters->counts)), 0, 15)))];
        }

        return Svg::drawing(
            [0, 0, $wide, $high],
            $label,
            'stock-beads',
            [],
            Svg::element('defs', [], $light, $definition),
            ...$copies,
        );
    }

    /**
     * Draws a hank of a cord, as thick as it is, in a compartment.
     */
    public static function hank(Cord $cord, string $label): string
    {
        [$wide, $high] = self::BOX;
        $thick = max(0.4, $cord->thickness->millimetres);
        $turns = [];
        $many = max(2, min(7, (int) floor(0.4 * $high / ($thick + 0.8))));
        for ($i = 0; $i < $many; ++$i) {
            $off = ($i - ($many - 1) / 2) * ($thick + 0.8);
            $turns[] = Svg::element('ellipse', [
                'cx' => $wide / 2, 'cy' => $high / 2, 'rx' => 0.34 * $wide + $off, 'ry' => max(
                    1.0,
                    0.22 * $high + $off,
                ),
                'fill' => 'none', 'stroke' => $cord->colour->hex, 'stroke-width' => $thick,
            ]);
        }

        return Svg::drawing([0, 0, $wide, $high], $label, 'stock-hank', [], ...$turns);
    }

    /**
     * Draws so many of a thing, whatever it is.
     *
     * @param string $id no other drawing of the page has
     */
    public static function thing(Cord|Bead|Finding $what, ?int $count, string $id, string $label = ''): string
    {
        return match (true) {
            $what instanceof Cord => self::hank($what, $label),
            $what instanceof Bead => self::beads($what, $count, $id, $label),
            default => self::finding($what, $label),
        };
    }

    public static function finding(Finding $finding, string $label): string
    {
        [$wide, $high] = self::BOX;
        $scale = min(
            1.0,
            0.9 * $wide / max(1.0, $finding->length->millimetres),
            0.9 * $high / max(1.0, $finding->width->millimetres),
        );

        return Svg::drawing([0, 0, $wide, $high], $label, 'stock-finding', [], Svg::element('g', [
            'transform' => \sprintf(
                'translate(%s %s) scale(%s)',
                Svg::number($wide / 2),
                Svg::number($high / 2),
                Svg::number($scale),
            ),
        ], FindingPicture::of($finding)));
    }

    /**
     * Draws a drum from its side, its cord lying as high as it is full; nobody knows how full where $fill is null.
     *
     * The cord fills a ring: of a drum half full more than half of its height is left.
     */
    private static function drum(float $x, Colour $colour, ?float $fill): string
    {
        [$height, $barrel, $wide] = self::DRUM;
        $lies = sqrt($barrel ** 2 + max(0.0, min(1.0, $fill ?? 0.5)) * (($height - 6) ** 2 - $barrel ** 2));
        $middle = $height / 2;
        $turns = [];
        for ($at = 3.0; $at < $wide; $at += 3.0) {
            $turns[] = Svg::element('path', [
                'd' => \sprintf(
                    'M%s,%s v%s',
                    Svg::number($x + 7 + $at),
                    Svg::number($middle - $lies / 2),
                    Svg::number($lies),
                ),
                'class' => 'drum-turn',
            ]);
        }

        return Svg::element('rect', [
            'x' => $x + 7, 'y' => $middle - $lies / 2, 'width' => $wide, 'height' => $lies, 'fill' => $colour->hex,
            'class' => null === $fill ? 'drum-cord is-guessed' : 'drum-cord',
        ]).implode('', $turns).Svg::element('rect', [
            'x' => $x + 1, 'y' => 0, 'width' => 6, 'height' => $height, 'rx' => 1.5, 'class' => 'drum-side',
        ]).Svg::element('rect', [
            'x' => $x + 7 + $wide, 'y' => 0, 'width' => 6, 'height' => $height, 'rx' => 1.5, 'class' => 'drum-side',
        ]);
    }
}
