<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Plan\Internal;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Fit\Lie;
use Rinkel\Core\Plan\Internal\Lying;
use Rinkel\Tests\Core\Examples;

final class LyingTest extends TestCase
{
    public function testBeadsAreRigidAndAllElseBends(): void
    {
        $draft = Examples::planOf('strung-beads')->draft;
        $lies = (new Lying($draft->piece->beads))->of($draft->setting->elements);
        $rigid = array_filter($lies, static fn (Lie $lie): bool => $lie->rigid);

        self::assertCount(9, $rigid, 'the pearls');
        self::assertEqualsWithDelta(
            $draft->body()->millimetres,
            array_sum(array_map(static fn (Lie $lie): float => $lie->length->millimetres, $lies)),
            1e-6,
            'all of the body lies somewhere',
        );
    }
}
