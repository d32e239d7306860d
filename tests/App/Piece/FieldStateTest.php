<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Piece;

use PHPUnit\Framework\TestCase;
use Rinkel\App\Piece\FieldState;
use Rinkel\App\Piece\PageParts;
use Rinkel\App\Piece\PageState;
use Rinkel\App\Piece\Stage;
use Rinkel\Core\Message;
use Rinkel\Core\Piece\Fault;
use Symfony\Component\HttpFoundation\Request;

final class FieldStateTest extends TestCase
{
    private const PAGE = '<input name="f[wrist]"><select name="f[closure.kind]"></select><p>f[ease]</p>';

    public function testAFaultIsToldByItsFieldWhereThePageHasOne(): void
    {
        $state = self::state('wrist', 'ease', 'closure.kind');

        self::assertSame([Stage::Measure, Stage::Closure], $state->told(self::PAGE, self::parts(), self::page()));
        self::assertSame(
            ['no-ease'],
            array_map(static fn (array $faults): string => $faults[0]->said->key, $state->untold(self::PAGE, self::parts(), self::page())),
        );
    }

    public function testTheSameIsToldOnce(): void
    {
        $fault = [new Fault('', new Message('stumbled'))];
        $state = new FieldState([], ['' => $fault, 'name' => $fault, 'ease' => $fault], 'id');

        self::assertCount(1, $state->untold('', self::parts(), self::page()));
    }

    public function testWhatIsOutOfSightIsToldOnceItComes(): void
    {
        $state = self::state('cords.core.thickness');
        $page = self::page('measure');

        self::assertSame([], $state->untold('', self::parts('first'), $page));
        // It counts until then, so that nothing is said to be ready meanwhile.
        self::assertSame([Stage::Materials], $state->told('', self::parts('first'), $page));
        self::assertSame([], $state->told('', self::parts(), $page));
        self::assertCount(1, $state->untold('', self::parts(), $page));
        self::assertCount(1, $state->untold('', self::parts('first'), self::page('materials')));
    }

    public function testANameThatIsWrittenOtherwiseInAPageIsFound(): void
    {
        self::assertSame([Stage::Materials], self::state('beads.l\'eau.hole')->told(
            '<input name="f[beads.l&#039;eau.hole]">',
            self::parts(),
            self::page(),
        ));
    }

    private static function state(string ...$fields): FieldState
    {
        $faults = [];
        foreach ($fields as $field) {
            $faults[$field] = [new Fault($field, new Message('no-'.$field))];
        }

        return new FieldState([], $faults, 'id');
    }

    private static function parts(?string $sight = null): PageParts
    {
        return PageParts::missing(self::request(sight: $sight));
    }

    private static function page(string $stage = 'measure'): PageState
    {
        return PageState::of(self::request($stage));
    }

    private static function request(string $stage = 'measure', ?string $sight = null): Request
    {
        $request = Request::create('/pieces/1', parameters: ['stage' => $stage]);
        if (null !== $sight) {
            $request->headers->set(PageParts::SIGHT, $sight);
        }

        return $request;
    }
}
