<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Construction;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Closure\ClosureKind;
use Rinkel\Core\Construction\Constructions;
use Rinkel\Core\Construction\WaveBand;
use Rinkel\Core\Remark\Severity;
use Rinkel\Tests\Core\Examples;

final class WaveBandTest extends TestCase
{
    public function testNothingHasToBeDecidedButTheGirth(): void
    {
        $plan = Examples::planOf('wave-band');

        self::assertInstanceOf(WaveBand::class, $plan->draft->construction);
        self::assertSame(['core', 'working'], array_keys($plan->draft->piece->cords));
        self::assertSame(
            '1 square fill, (1 square, wave 4 round / seed, 1 square) x fit, 1 square fill',
            $plan->draft->piece->pattern->text,
        );
        self::assertNotSame(Severity::Stop, $plan->worst(), 'it can be made as it is');
    }

    public function testItHasItsOwnWaysToClose(): void
    {
        self::assertSame(['button-loop'], array_map(
            static fn (ClosureKind $kind): string => $kind->id(),
            Constructions::all()->named('wave-band')?->closures() ?? [],
        ));
    }

    public function testTwoSquareKnotsAtLeastStandAtEitherEnd(): void
    {
        $elements = Examples::planOf('wave-band')->draft->setting->elements;

        self::assertSame(['square', 'square'], [$elements[0]->word(), $elements[\count($elements) - 1]->word()]);
        self::assertGreaterThan(0, Examples::planOf('wave-band')->beads['seed'] ?? 0);
    }
}
