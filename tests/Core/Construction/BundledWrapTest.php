<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Construction;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Closure\ClosureKind;
use Rinkel\Core\Construction\BundledWrap;
use Rinkel\Core\Construction\Constructions;
use Rinkel\Core\Remark\Severity;
use Rinkel\Tests\Core\Examples;

final class BundledWrapTest extends TestCase
{
    public function testNothingHasToBeDecidedButTheGirth(): void
    {
        $plan = Examples::planOf('bundled-wrap');

        self::assertInstanceOf(BundledWrap::class, $plan->draft->construction);
        self::assertSame(['cord'], array_keys($plan->draft->piece->cords));
        self::assertSame(
            '(bundle loose seed seed seed / seed seed seed, 1 barrel 3) x fit',
            $plan->draft->piece->pattern->text,
        );
        self::assertNotSame(Severity::Stop, $plan->worst(), 'it can be made as it is');
    }

    public function testItHasItsOwnWaysToClose(): void
    {
        self::assertSame(['button-loop'], array_map(
            static fn (ClosureKind $kind): string => $kind->id(),
            Constructions::all()->named('bundled-wrap')?->closures() ?? [],
        ));
    }

    public function testSeveralWrapsAreThatMuchLonger(): void
    {
        $one = Examples::planOf('bundled-wrap', ['wraps' => 1]);
        $two = Examples::planOf('bundled-wrap', ['wraps' => 2]);

        self::assertEqualsWithDelta(
            2.0,
            $two->draft->body()->ratioTo($one->draft->body()),
            0.25,
            'and a little for what lies below',
        );
    }
}
