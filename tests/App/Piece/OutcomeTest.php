<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Piece;

use PHPUnit\Framework\TestCase;
use Rinkel\App\Piece\Outcome;
use Rinkel\App\Piece\PageState;
use Rinkel\Core\Message;
use Rinkel\Core\Piece\Fault;
use Symfony\Component\HttpFoundation\Request;

final class OutcomeTest extends TestCase
{
    /**
     * What an edit comes to is gathered on the way: nothing found before is lost, and what is found later of the same
     * field goes before it.
     */
    public function testWhatIsFoundIsGathered(): void
    {
        $fault = static fn (string $key): array => [new Fault('x', new Message($key))];
        $outcome = new Outcome(PageState::of(Request::create('/?zoom=2')));
        $after = $outcome->with(['name' => $fault('one'), 'for' => $fault('two')])
            ->renaming(['beads.a' => 'beads.b'])
            ->with(['name' => $fault('three')])
            ->choosing('1.2')
            ->renaming(['beads.b' => 'beads.c']);

        self::assertSame(['name' => 'three', 'for' => 'two'], array_map(
            static fn (array $faults): string => $faults[0]->said->key ?? '',
            $after->faults,
        ));
        self::assertSame(['beads.b' => 'beads.c', 'beads.a' => 'beads.b'], $after->renamed);
        self::assertSame(['1.2', 2], [$after->page->chosen, $after->page->zoom]);
        self::assertSame([], $outcome->faults, 'the one before stays');
    }
}
