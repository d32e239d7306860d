<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Material;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Material\ColourDifference;

final class ColourDifferenceTest extends TestCase
{
    /**
     * The published test data of G. Sharma, W. Wu, E. N. Dalal, "The CIEDE2000 color-difference formula", Color
     * Research and Application 30 (2005), table 1: all 34 pairs, to its four places.
     *
     * @param array{float, float, float} $one
     * @param array{float, float, float} $other
     */
    #[DataProvider('providePairs')]
    public function testPublishedPairs(array $one, array $other, float $difference): void
    {
        self::assertEqualsWithDelta($difference, ColourDifference::between($one, $other), 0.00006);
        self::assertEqualsWithDelta($difference, ColourDifference::between($other, $one), 0.00006);
    }

    /**
     * @return iterable<int, array{array{float, float, float}, array{float, float, float}, float}>
     */
    public static function providePairs(): iterable
    {
        yield [[50.0, 2.6772, -79.7751], [50.0, 0.0, -82.7485], 2.0425];
        yield [[50.0, 3.1571, -77.2803], [50.0, 0.0, -82.7485], 2.8615];
        yield [[50.0, 2.8361, -74.0200], [50.0, 0.0, -82.7485], 3.4412];
        yield [[50.0, -1.3802, -84.2814], [50.0, 0.0, -82.7485], 1.0000];
        yield [[50.0, -1.1848, -84.8006], [50.0, 0.0, -82.7485], 1.0000];
        yield [[50.0, -0.9009, -85.5211], [50.0, 0.0, -82.7485], 1.0000];
        yield [[50.0, 0.0, 0.0], [50.0, -1.0, 2.0], 2.3669];
        yield [[50.0, -1.0, 2.0], [50.0, 0.0, 0.0], 2.3669];
        yield [[50.0, 2.4900, -0.0010], [50.0, -2.4900, 0.0009], 7.1792];
        yield [[50.0, 2.4900, -0.0010], [50.0, -2.4900, 0.0010], 7.1792];
        yield [[50.0, 2.4900, -0.0010], [50.0, -2.4900, 0.0011], 7.2195];
        yield [[50.0, 2.4900, -0.0010], [50.0, -2.4900, 0.0012], 7.2195];
        yield [[50.0, -0.0010, 2.4900], [50.0, 0.0009, -2.4900], 4.8045];
        yield [[50.0, -0.0010, 2.4900], [50.0, 0.0010, -2.4900], 4.8045];
        yield [[50.0, -0.0010, 2.4900], [50.0, 0.0011, -2.4900], 4.7461];
        yield [[50.0, 2.5, 0.0], [50.0, 0.0, -2.5], 4.3065];
        yield [[50.0, 2.5, 0.0], [73.0, 25.0, -18.0], 27.1492];
        yield [[50.0, 2.5, 0.0], [61.0, -5.0, 29.0], 22.8977];
        yield [[50.0, 2.5, 0.0], [56.0, -27.0, -3.0], 31.9030];
        yield [[50.0, 2.5, 0.0], [58.0, 24.0, 15.0], 19.4535];
        yield [[50.0, 2.5, 0.0], [50.0, 3.1736, 0.5854], 1.0000];
        yield [[50.0, 2.5, 0.0], [50.0, 3.2972, 0.0], 1.0000];
        yield [[50.0, 2.5, 0.0], [50.0, 1.8634, 0.5757], 1.0000];
        yield [[50.0, 2.5, 0.0], [50.0, 3.2592, 0.3350], 1.0000];
        yield [[60.2574, -34.0099, 36.2677], [60.4626, -34.1751, 39.4387], 1.2644];
        yield [[63.0109, -31.0961, -5.8663], [62.8187, -29.7946, -4.0864], 1.2630];
        yield [[61.2901, 3.7196, -5.3901], [61.4292, 2.2480, -4.9620], 1.8731];
        yield [[35.0831, -44.1164, 3.7933], [35.0232, -40.0716, 1.5901], 1.8645];
        yield [[22.7233, 20.0904, -46.6940], [23.0331, 14.9730, -42.5619], 2.0373];
        yield [[36.4612, 47.8580, 18.3852], [36.2715, 50.5065, 21.2231], 1.4146];
        yield [[90.8027, -2.0831, 1.4410], [91.1528, -1.6435, 0.0447], 1.4441];
        yield [[90.9257, -0.5406, -0.9208], [88.6381, -0.8985, -0.7239], 1.5381];
        yield [[6.7747, -0.2908, -2.4247], [5.8714, -0.0985, -2.2286], 0.6377];
        yield [[2.0776, 0.0795, -1.1350], [0.9033, -0.0636, -0.5514], 0.9082];
    }
}
