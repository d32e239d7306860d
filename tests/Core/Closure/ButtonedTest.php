<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Closure;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Closure\Buttoned;
use Rinkel\Core\Closure\Footing;
use Rinkel\Core\Closure\Site;
use Rinkel\Core\Knot\KnotBook;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Plan\Plan;
use Rinkel\Tests\Core\Examples;

final class ButtonedTest extends TestCase
{
    public function testALoopLetsItThroughOnItsEdge(): void
    {
        $plan = Examples::plan(['closure.kind' => 'button-loop']);
        $button = Buttoned::on(self::site($plan));

        self::assertTrue($button->opening($plan->draft->piece->cord('core')->cord)->isLongerThan($button->around()));
        self::assertSame('button', $button->name, 'a usual one');
        self::assertSame([], $button->shank());
    }

    public function testAShankThatTheCordsDoNotPassIsSaid(): void
    {
        $narrow = Examples::plan([
            'closure.kind' => 'button-loop',
            'findings.shell' => ['kind' => 'button', 'inside' => '0.9 mm'],
        ]);

        self::assertSame('shank-too-small', Buttoned::on(self::site($narrow))->shank()[0]->code);
    }

    private static function site(Plan $plan): Site
    {
        $piece = $plan->draft->piece;

        return new Site(
            $piece->closure,
            $piece->cord('core'),
            $piece->cord('working')->cord,
            new KnotBook(null),
            $piece->findings,
            new Footing(tailEnd: Length::ofMillimetres(10)),
        );
    }
}
