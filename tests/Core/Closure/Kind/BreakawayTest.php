<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Closure\Kind;

use PHPUnit\Framework\TestCase;
use Rinkel\Tests\Core\Examples;

final class BreakawayTest extends TestCase
{
    /**
     * One that was measured is as long as it was measured; without one it is taken for a usual one.
     */
    public function testIsAsLongAsItsMakerMeasured(): void
    {
        $body = static fn (?string $long): float => Examples::planOf('strung-beads', [
            'wearer' => ['girth' => '36 cm', 'place' => 'neck'],
            'forChild' => true,
            'closure' => null === $long ? ['kind' => 'breakaway'] : ['kind' => 'breakaway', 'findings' => ['clasp']],
            'findings' => null === $long ? [] : ['clasp' => ['kind' => 'clasp', 'length' => $long]],
            'length' => '40 cm',
            'pattern' => 'gap fit',
        ])->draft->body()->millimetres;

        self::assertEqualsWithDelta(12.0, $body('10 mm') - $body('22 mm'), 0.1, 'what it is longer the body is shorter');
        self::assertLessThan($body('10 mm'), $body(null));
        self::assertGreaterThan($body('40 mm'), $body(null));
    }
}
