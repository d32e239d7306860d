<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Knots;

use PHPUnit\Framework\Attributes\Group;
use Rinkel\App\Jobs\JobCancelled;
use Rinkel\App\Jobs\JobProgress;
use Rinkel\App\Kept\Bin;
use Rinkel\App\Knots\KeptKnots;
use Rinkel\App\Knots\KnotDraft;
use Rinkel\App\Knots\OwnKnots;
use Rinkel\App\Knots\PullWork;
use Rinkel\App\Platform\LooseData;
use Rinkel\Core\Knot\DrawnWay;
use Rinkel\Core\Knot\Exception\KnotUnreadable;
use Rinkel\Core\Knot\Kind\DrawnKnot;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Tight\KnotName;
use Rinkel\Core\Tight\KnotPuller;
use Rinkel\Tests\App\WebCase;
use Rinkel\Tests\Core\FigureEight;

final class OwnKnotsTest extends WebCase
{
    public function testAKnotIsKeptUnderItsNameAndThereIsOnlyOneOfIt(): void
    {
        $knots = self::box();
        $stored = $knots->keep(FigureEight::knot(), 'To stop beads.');

        self::assertSame('figure eight', $stored->name());
        self::assertEquals(FigureEight::knot(), $knots->named('figure eight'));
        self::assertCount(1, $knots->known());
        self::assertSame(['figure eight'], array_keys($knots->in("3 figure eight,\n2 overhand")));
        self::assertSame([], $knots->in('3 figured, eighty'));
        $again = $knots->keep(FigureEight::knot(), 'Another note.', $stored->uid());
        self::assertSame([$stored->uid(), 'Another note.'], [$again->uid(), $again->note()]);
        $this->expectException(KnotUnreadable::class);
        $knots->keep(FigureEight::knot(), 'A second one.');
    }

    public function testItGoesThroughTheDoorLikeEverythingKept(): void
    {
        $knots = self::box();
        $kept = self::getContainer()->get(KeptKnots::class);
        $stored = $knots->keep(FigureEight::knot(), 'To stop beads.');
        $row = $kept->row($stored);
        self::assertSame($row, $kept->read($row)->data);
        $removal = self::getContainer()->get(Bin::class)->put($kept, $stored);
        self::assertNull($knots->named('figure eight'));
        $kept->bring($kept->read($removal->row), true);
        self::getContainer()->get('doctrine')->getManager()->flush();
        self::assertSame('To stop beads.', $knots->withUid($stored->uid())?->note());
        $this->expectException(PieceUnreadable::class);
        $kept->read(['way' => 'k1 k2'] + $row);
    }

    #[Group('slow')]
    public function testAKnotIsPulledBesideThePagesAndKeptWhenItIsTight(): void
    {
        $knots = self::box();
        $told = [];
        $progress = new JobProgress(static function (int $done, int $all) use (&$told): void {
            $told[] = $all;
        }, static fn (): bool => false);
        $work = new PullWork($knots, new KnotPuller(0.6));
        $way = 'k1 k5 o9 k13 g11 g7 k5 o3 q8 k9 f14 k18';
        $asked = ['name' => 'snail', 'way' => $way, 'crossings' => '', 'note' => 'Small.'];
        $result = $work->do($asked, '', $progress);

        self::assertSame('own_knot', $result['to']);
        self::assertSame(['uid' => $knots->stored('snail')?->uid()], $result['with']);
        self::assertSame(KnotPuller::rounds(), $told[0] ?? null);
        $this->expectException(JobCancelled::class);
        $work->do(['name' => 'other'] + $asked, '', new JobProgress(static fn () => null, static fn (): bool => true));
    }

    public function testDeedsOnThePaper(): void
    {
        $draft = KnotDraft::of(LooseData::of(['name' => 'Snail', 'note' => 'n', 'uid' => 'no uid']), '');
        self::assertNull($draft->way);
        self::assertSame(
            ['drawn-places', 'snail', ''],
            [$draft->faults['way']->key, $draft->typed['name'], $draft->typed['uid']],
        );
        foreach (explode(' ', FigureEight::WAY) as $place) {
            $draft = $draft->after('place '.$place);
        }
        self::assertSame(FigureEight::WAY, $draft->typed['way']);
        self::assertSame([KnotName::FigureEight, []], [$draft->name, $draft->faults]);
        self::assertTrue($draft->canBePulled());
        $turned = $draft->after('turn 0');
        self::assertSame('over over under over', $turned->typed['crossings']);
        self::assertSame('drawn-undone', $turned->faults['way']->key, 'one crossing turned is no knot any more');
        self::assertSame('over over under over', $turned->after('move 1 j3')->typed['crossings'], 'what is said stays');
        self::assertSame('j3', DrawnWay::name($draft->after('move 1 j3')->way->places[1] ?? [0, 0]));
        self::assertCount(15, $draft->after('back')->way->places ?? []);
        self::assertCount(15, $draft->after('drop 3')->way->places ?? []);
        self::assertNull($draft->after('clear')->way);
        foreach (['', 'place zz', 'move 99 k4', 'move 1 zz', 'turn 77', 'jump', 'turn x'] as $nothing) {
            self::assertSame(FigureEight::WAY, $draft->after($nothing)->typed['way'], $nothing);
        }
    }

    public function testWhatItCanBeCalledIsSaidWhileItIsDrawn(): void
    {
        $whys = [
            '' => 'knot-name', 'bead' => 'knot-name-word', 'overhand' => 'knot-name-taken',
            'two words more' => 'knot-name',
        ];
        foreach ($whys as $name => $why) {
            $draft = KnotDraft::of(LooseData::of(['name' => $name, 'way' => FigureEight::WAY]), '');
            self::assertSame($why, $draft->faults['name']->key, $name);
            self::assertFalse($draft->canBePulled());
        }
        $stored = self::box()->keep(FigureEight::knot(), 'n');
        $draft = KnotDraft::from($stored, FigureEight::knot());
        self::assertSame([$stored->uid(), []], [$draft->typed['uid'], $draft->faults]);
        self::assertInstanceOf(DrawnKnot::class, self::box()->read($stored));
    }

    private static function box(): OwnKnots
    {
        return self::getContainer()->get(OwnKnots::class);
    }
}
