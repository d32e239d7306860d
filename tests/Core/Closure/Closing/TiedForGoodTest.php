<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Closure\Closing;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Work\Part;
use Rinkel\Tests\Core\Examples;
use Rinkel\Tests\Core\Sheets;

/**
 * A knot that is never opened.
 */
final class TiedForGoodTest extends TestCase
{
    public function testItIsTriedOverTheHeadBeforeItIsTied(): void
    {
        $plan = Examples::planOf('spaced-knots', [
            'wearer' => ['place' => 'neck', 'girth' => '34 cm'], 'length' => '75 cm', 'closure.kind' => 'for-good',
        ]);

        self::assertSame(['for-good'], Sheets::keys($plan, Part::Close));
        self::assertLessThan(Sheets::at($plan, 'for-good'), Sheets::at($plan, 'try-over'));
        $knot = Sheets::act($plan, 'for-good');
        self::assertCount(2, $knot->grip->by, 'both ends together');
        self::assertSame('overhand', $knot->stint->knot);
        self::assertSame(['last-of-all'], Sheets::marks($knot->spot->makes));
        self::assertLessThan(Sheets::at($plan, 'trim-at'), Sheets::at($plan, 'for-good'));
    }
}
