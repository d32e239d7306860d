<?php

declare(strict_types=1);

namespace Rinkel\App\Document;

use Rinkel\Core\Material\Cord;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Sizing\QuotedNumber;
use Rinkel\Core\Sizing\QuotedNumbers;
use Rinkel\Core\Sizing\ThumbRule;
use Rinkel\Core\Sizing\ThumbRules;

/**
 * Numbers to look up, in the open format (docs/numbers.schema.json); lengths in mm.
 */
final readonly class NumbersDocument
{
    public const FORMAT = 'rinkel-numbers';

    /**
     * @return array<string, mixed>
     */
    public function of(QuotedNumbers $numbers, Cord $cord): array
    {
        return [
            'format' => self::FORMAT,
            'version' => 2,
            'cord' => ['fibre' => $cord->fibre->value, 'thickness' => $cord->thickness->millimetres],
            'times' => array_map(
                static fn (array $row): array => array_map(self::number(...), $row),
                $numbers->times(),
            ),
            'per100mm' => array_map(self::number(...), $numbers->knotsIn(Length::ofMillimetres(100))),
            'single' => array_map(static fn (array $one): array => [
                'use' => self::number($one[0]), 'length' => self::number($one[1]),
            ], $numbers->single()),
            'holes' => array_map(self::length(...), $numbers->holes()),
            'necklaces' => array_map(
                static fn (array $row): array => array_map(self::length(...), $row),
                $numbers->necklaces(),
            ),
            'rules' => array_map(static fn (ThumbRule $rule): array => [
                'rule' => $rule->id,
                'in' => $rule->isTimes ? 'times' : 'mm',
                'said' => $rule->said,
                'computed' => array_map(self::number(...), $rule->computed),
                'fits' => $rule->fits(),
            ], (new ThumbRules($numbers))->all()),
        ];
    }

    /**
     * @return array{float, float, float} the number, and the range of four makers of five
     */
    private static function number(QuotedNumber $number): array
    {
        return [round($number->mean, 3), round($number->least, 3), round($number->most, 3)];
    }

    private static function length(Length $length): float
    {
        return round($length->millimetres, 2);
    }
}
