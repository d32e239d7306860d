<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Piece;

use PHPUnit\Framework\Attributes\DataProvider;
use Rinkel\App\Knots\OwnKnots;
use Rinkel\App\People\People;
use Rinkel\App\Piece\Block;
use Rinkel\App\Piece\Blocks;
use Rinkel\App\Piece\PieceActions;
use Rinkel\App\Stock\StockBox;
use Rinkel\Core\Construction\Offers;
use Rinkel\Core\Fit\Measured;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Pattern\Pattern;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\PieceReader;
use Rinkel\Core\Piece\PieceSpec;
use Rinkel\Core\Piece\PieceWriter;
use Rinkel\Core\Plan\Planner;
use Rinkel\Tests\App\WebCase;
use Rinkel\Tests\Core\Chance;
use Rinkel\Tests\Core\Examples;

final class PieceActionsTest extends WebCase
{
    /**
     * Whatever a maker clicks, in whatever order: the pattern can be read again and says the same, the piece can be
     * kept and read back, and what is chosen is there.
     */
    #[DataProvider('provideSeeds')]
    public function testAnyClicksLeaveAPieceThatCanBeRead(int $seed): void
    {
        $chance = new Chance($seed);
        $deeds = self::deeds();
        $planner = new Planner();
        $piece = $planner->completed($chance->of(array_values(Examples::shipped()) ?: [Examples::piece()]))->decided();
        $chosen = '';
        for ($i = 0; $i < 40; ++$i) {
            $deed = self::anyDeed($chance, $piece, $chosen);
            try {
                [$after, $chosen] = $deeds->apply($piece, $deed, $chosen);
                $planner->draft($after);
            } catch (PieceUnreadable) {
                continue; // refused, as on the page: the piece is as it was
            }
            $text = (string) $after->pattern;
            $pattern = Pattern::parse($text, $after->unit);
            self::assertSame($text, (string) $pattern, "{$chance}, {$deed}");
            self::assertEquals(
                $after,
                (new PieceReader())->read((new PieceWriter())->write($after)),
                "{$chance}, {$deed}",
            );
            if (\count(explode(' ', $text)) < 120) {
                $piece = $after;
            }
        }
    }

    /**
     * @return iterable<string, array{int}>
     */
    public static function provideSeeds(): iterable
    {
        for ($seed = 1; $seed <= 40; ++$seed) {
            yield 'seed '.$seed => [$seed];
        }
    }

    private static function anyDeed(Chance $chance, PieceSpec $piece, string $chosen): string
    {
        $path = $chance->oneIn(2) && '' !== $chosen ? $chosen : implode(
            '.',
            array_map(static fn (): int => $chance->whole(0, 3), range(1, $chance->whole(1, 3))),
        );
        $names = array_values(
            array_map(
                strval(...),
                [...array_keys($piece->materials->beads), ...array_keys($piece->materials->findings), ...array_keys($piece->materials->cords), 'nobody'],
            ),
        );

        return match ($chance->whole(1, 8)) {
            1 => $chance->of(['more ', 'fewer ']).$path,
            2 => $chance->of(['left ', 'right ', 'copy ', 'drop ']).$path,
            3 => $chance->of(['bracket ', 'fit ', 'turn ', 'partly ', 'fills ', 'mirror ']).$path,
            4 => 'to '.$path.' '.$chance->whole(0, 3),
            5 => 'name '.$path.' '.$chance->whole(0, 2).' '.$chance->of($names),
            6 => $chance->of(
                [
                    'lane '.$path.' '.$chance->of(['left', 'core', 'right', 'up']),
                    'order '.$path.' '.$chance->of(['named', 'value', 'size', 'taste']),
                ],
            ),
            7 => 'put '.$path.' '.$chance->of(
                [
                    'square',
                    'half left',
                    'barrel',
                    'gap',
                    'braid',
                    'net',
                    'bead '.$chance->of($names),
                    'focal '.$chance->of($names),
                    'bundle '.$chance->of($names),
                    'link '.$chance->of($names),
                    'wave',
                    'binding',
                    'hang '.$chance->of($names),
                    'nothing',
                ],
            ),
            default => $chance->of(['bead-add', 'finding-add ring', 'finding-add nonsense', 'cord-add', 'explode']),
        };
    }

    /**
     * Every part that the page shows has its place in the text, and can be chosen there.
     */
    public function testEveryPatchStandsInTheText(): void
    {
        $planner = new Planner();
        foreach (Examples::shipped() as $name => $piece) {
            $plan = $planner->plan($piece);
            $lines = explode("\n", (string) $plan->draft->piece->pattern->tree);
            $blocks = self::flat((new Blocks($plan))->all());
            self::assertNotSame([], $blocks, $name);
            self::assertCount(\count($blocks), array_unique(array_column($blocks, 'path')), $name);
            foreach ($blocks as $block) {
                [$line, $column] = array_map(intval(...), explode(':', $block->place));
                $there = substr($lines[$line - 1] ?? '', $column - 1);
                self::assertMatchesRegularExpression('/^[(\\w]/', $there, $name.' '.$block->path);
                if (\in_array($block->kind, ['knots', 'beads', 'focal'], true)) {
                    self::assertSame($block->text, substr($there, 0, \strlen($block->text)), $name.' '.$block->path);
                }
            }
        }
    }

    public function testAFindingTakenOutIsTakenOutOfTheClosureToo(): void
    {
        $piece = (new Planner())->completed((new PieceReader())->read(Examples::bare('rope-knot')))->decided();
        self::assertSame(['magnet'], $piece->closure?->findings);
        [$after] = self::deeds()->apply($piece, 'finding-drop magnet', '');

        self::assertArrayNotHasKey('magnet', $after->materials->findings);
        self::assertSame([], $after->closure?->findings);
    }

    public function testASliderHasACordOfItsOwnOnceItIsAskedFor(): void
    {
        foreach ([
            'square-knot-band' => 'working', 'strand-bundle' => 'end', 'strung-beads' => 'cord',
        ] as $id => $tied) {
            $piece = (new PieceReader())->read(Examples::bare($id, ['closure.kind' => 'square-slider']));
            [$after] = self::deeds()->apply($piece, 'slider-add', '');
            $completed = (new Planner())->completed($piece);
            self::assertArrayHasKey('slider', $after->materials->cords, $id);
            self::assertEquals(
                $completed->cord($tied)->cord,
                $after->materials->cords['slider']->cord,
                'like the one that tied it',
            );
            [$again] = self::deeds()->apply($after, 'slider-add', '');
            self::assertEquals($after, $again);
        }
        $wrap = (new PieceReader())->read(Examples::bare('bundled-wrap'));
        self::assertArrayNotHasKey('slider', self::deeds()->apply($wrap, 'slider-add', '')[0]->materials->cords);
    }

    public function testAnotherPairIsLikeTheLast(): void
    {
        $piece = (new Planner())->completed((new PieceReader())->read(Examples::bare('stacked-band')))->decided();
        [$after] = self::deeds()->apply($piece, 'cord-add', '');
        $last = array_key_last(array_diff_key($piece->materials->cords, ['core' => 0, 'slider' => 0]));

        self::assertCount(\count($piece->materials->cords) + 1, $after->materials->cords);
        self::assertNotNull($last);
        self::assertEquals($piece->materials->cords[$last]->cord->thickness, $after->materials->cords['pair-1']->cord->thickness);
    }

    public function testSomebodysMeasuresReplaceAllThatWasMeasured(): void
    {
        $person = self::people()->keep(
            null,
            'Odile Fenn',
            ['wrist' => Length::ofMillimetres(171), 'hand' => Length::ofMillimetres(214)],
            Measured::Comfortable,
        );
        [$after] = self::deeds()->apply(Examples::piece(), 'take '.$person->id(), '');

        self::assertSame(171.0, $after->wearing->wearer->girth->millimetres);
        self::assertSame(214.0, $after->wearing->wearer->handGirth()->millimetres);
        self::assertSame(Measured::Comfortable, $after->wearing->wearer->measured);
        [$same] = self::deeds()->apply($after, 'take 999999', '');
        self::assertSame($after, $same, 'nobody has no measures');
    }

    /**
     * @param list<Block> $blocks
     *
     * @return list<Block>
     */
    private static function flat(array $blocks): array
    {
        return array_merge(
            $blocks,
            ...array_map(static fn (Block $block): array => self::flat($block->parts), $blocks),
        );
    }

    private static function deeds(): PieceActions
    {
        return new PieceActions(
            self::people(),
            new Planner(),
            new Offers(),
            self::getContainer()->get(StockBox::class),
            self::getContainer()->get(OwnKnots::class),
        );
    }

    private static function people(): People
    {
        return self::getContainer()->get(People::class);
    }
}
