<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Construction\Internal;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Plan\Plan;
use Rinkel\Core\Remark\Severity;
use Rinkel\Tests\Core\Examples;

final class ElasticJudgementTest extends TestCase
{
    public function testTheKnotHidesInTheBeadWithTheLargestHole(): void
    {
        $string = static fn (string $hole): Plan => Examples::planOf('stretch', [
            'beads.round' => ['shape' => 'round', 'diameter' => '8 mm', 'hole' => $hole],
        ]);

        self::assertNotNull(Examples::check($string('1 mm'), 'knot-will-not-hide'));
        self::assertNull(Examples::check($string('4 mm'), 'knot-will-not-hide'));
    }

    public function testWhatIsNoElasticIsRefused(): void
    {
        self::assertSame(Severity::Stop, Examples::check(Examples::planOf('stretch', [
            'cords.cord' => ['fibre' => 'leather', 'thickness' => '1 mm', 'colour' => '#112233'],
        ]), 'not-elastic')?->severity);
    }

    public function testARepeatThatDoesNotCloseToARingSaysTheNextCounts(): void
    {
        $check = Examples::check(Examples::planOf('stretch', [
            'beads.round' => ['shape' => 'round', 'diameter' => '8 mm', 'hole' => '1 mm'],
            'beads.dot' => ['shape' => 'round', 'diameter' => '8 mm', 'hole' => '1 mm'],
            'pattern' => '25 bead round dot',
        ]), 'repeat-does-not-close');

        self::assertSame([24, 26], [$check?->values['fewer'] ?? null, $check?->values['more'] ?? null]);
    }
}
