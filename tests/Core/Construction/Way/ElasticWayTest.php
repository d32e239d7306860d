<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Construction\Way;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Line\ElementKind;
use Rinkel\Core\Work\Act;
use Rinkel\Core\Work\ActKind;
use Rinkel\Core\Work\Part;
use Rinkel\Tests\Core\Examples;
use Rinkel\Tests\Core\Sheets;

/**
 * How beads on elastic are made.
 */
final class ElasticWayTest extends TestCase
{
    public function testElasticIsMarkedAndTapedBeforeBeadsComeOn(): void
    {
        $plan = Examples::planOf('stretch');

        self::assertSame(['mark-turn', 'tape-elastic'], Sheets::keys($plan, Part::Mount));
        self::assertSame(['pen-mark'], Sheets::marks(Sheets::act($plan, 'mark-turn')->spot->makes));
        self::assertSame(['bead-core'], Sheets::keys($plan, Part::Body));
        self::assertSame(
            $plan->draft->setting->count(ElementKind::Bead),
            Sheets::act($plan, 'bead-core')->stint->count,
        );
        self::assertContains('tip-elastic', Sheets::keys($plan, Part::Cords));
    }

    public function testAWordIsStrungFromItsMiddleOutwards(): void
    {
        $plan = Examples::planOf('stretch', [
            'beads.letter' => ['shape' => 'cube', 'diameter' => '6 mm', 'hole' => '1.5 mm'],
            'beads.round' => ['shape' => 'round', 'diameter' => '6 mm', 'hole' => '1.2 mm'],
            'pattern' => '1 bead round x fit, word "IVO" of letter, 1 bead round x fit',
        ]);
        $strings = array_values(array_filter(
            $plan->acts()->all,
            static fn (Act $act): bool => ActKind::String === $act->does,
        ));

        self::assertSame(['letter'], array_values(array_unique($strings[0]->stint->things)), 'the word comes first');
        self::assertSame([0, 2, 1], array_map(static fn (Act $act): int => $act->grip->half, $strings));
        self::assertContains('pen-middle', Sheets::marks(Sheets::act($plan, 'mark-turn')->spot->makes));
    }
}
