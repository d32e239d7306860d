<?php

declare(strict_types=1);

namespace Rinkel\App\Svg;

use Rinkel\Core\Knot\Side;
use Rinkel\Core\Rehearsal\EndInHand;
use Rinkel\Core\Rehearsal\EndState;
use Rinkel\Core\Svg\Svg;

/**
 * Draws the ends that hang from the work, all at one scale: those in the left hand on the left, those in the right
 * hand on the right, and what is left of each.
 */
final readonly class EndsPicture
{
    private const WIDTH = 320.0;
    private const HEIGHT = 232.0;

    /** Where the work ends, and how long the longest end there was hangs. */
    private const EDGE = 18.0;
    private const LONGEST = 180.0;

    /** What is safe and stays is drawn so long. */
    private const STUB = 9.0;

    /** Beyond so many ends only those in the hands say what is left of them. */
    private const SAID = 6;

    /**
     * @param list<EndInHand>       $ends
     * @param array<string, string> $letters that stand for a hand, by its side
     * @param list<string>          $left    what is left of each, in words
     */
    public static function paint(array $ends, array $letters, array $left, string $label): string
    {
        $most = max([1.0, ...array_map(static fn (EndInHand $one): float => $one->of->millimetres, $ends)]);
        $drawn = Svg::element('path', [
            'class' => 'ends-work', 'd' => 'M12,'.self::EDGE.' H'.(self::WIDTH - 12),
        ]);
        $order = self::order($ends);
        foreach ($order as $place => $i) {
            $x = self::WIDTH * ($place + 1) / (\count($order) + 1);
            $isSaid = null !== $ends[$i]->hand || \count($ends) <= self::SAID;
            $drawn .= self::end($ends[$i], $x, $most, $letters, $isSaid ? $left[$i] ?? '' : '');
        }

        return Svg::drawing([0, 0, self::WIDTH, self::HEIGHT], $label, 'ends-picture', [], $drawn);
    }

    /**
     * @param array<string, string> $letters
     */
    private static function end(EndInHand $one, float $x, float $most, array $letters, string $left): string
    {
        $isMade = EndState::Done === $one->state || EndState::Trimmed === $one->state;
        $length = $isMade ? self::STUB : max(self::STUB, self::LONGEST * $one->left->millimetres / $most);
        $tip = self::EDGE + $length;
        $way = \sprintf('M%1$s,%2$s V%3$s', Svg::number($x), self::EDGE, Svg::number($tip));
        $drawn = Svg::element('path', ['class' => 'ends-edge', 'd' => $way])
            .Svg::element('path', [
                'class' => 'ends-cord', 'd' => $way, 'color' => $one->end->cord->material->colour->hex,
            ]);
        if (EndState::Done === $one->state || EndState::Wet === $one->state) {
            $drawn .= Svg::element('circle', [
                'class' => 'ends-'.$one->state->value, 'cx' => $x, 'cy' => $tip, 'r' => 4.5,
            ]);
        }
        if (null !== $one->hand) {
            $drawn .= Svg::element('circle', ['class' => 'ends-hand', 'cx' => $x, 'cy' => $tip, 'r' => 11])
                .Svg::element('text', [
                    'class' => 'ends-letter', 'x' => $x, 'y' => $tip + 5, 'text-anchor' => 'middle',
                ], Svg::text($letters[$one->hand->value] ?? ''));
        }

        return $isMade || '' === $left ? $drawn : $drawn.Svg::element('text', [
            'class' => 'ends-left', 'x' => $x, 'y' => $tip + (null === $one->hand ? 15 : 26), 'text-anchor' => 'middle',
        ], Svg::text($left));
    }

    /**
     * Returns the ends as they hang, from left to right.
     *
     * @param list<EndInHand> $ends
     *
     * @return list<int>
     */
    private static function order(array $ends): array
    {
        $place = static fn (EndInHand $one): int => match ($one->hand) {
            Side::Left => 0,
            null => 1,
            Side::Right => 2,
        };
        $order = array_keys($ends);
        usort($order, static fn (int $one, int $other): int => [$place($ends[$one]), $one]
            <=> [$place($ends[$other]), $other]);

        return $order;
    }
}
