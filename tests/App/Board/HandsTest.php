<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Board;

use PHPUnit\Framework\Attributes\DataProvider;
use Rinkel\App\Document\ActsDocument;
use Rinkel\App\Document\PlanDocument;
use Rinkel\Core\Closure\ClosureKind;
use Rinkel\Core\Closure\ClosureOption;
use Rinkel\Core\Construction\Constructions;
use Rinkel\Core\Lesson\TenEvenings;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Piece\PieceReader;
use Rinkel\Core\Piece\PieceSpec;
use Rinkel\Core\Plan\Plan;
use Rinkel\Core\Plan\Planner;
use Rinkel\Tests\Core\Chance;
use Rinkel\Tests\Core\Examples;
use Symfony\Bundle\FrameworkBundle\Test\KernelTestCase;
use Symfony\Component\Process\Process;
use Symfony\Component\Translation\LocaleSwitcher;

/**
 * A pair of hands that does literally what the acts say makes each piece: no end is missing or cut short before it is
 * needed, nothing is used twice or forgotten, no length is from nowhere, and what comes out is what was planned
 * (tests/reference/hands.py, an independent program, with the order of work in order.json).
 */
final class HandsTest extends KernelTestCase
{
    private const REFERENCE = __DIR__.'/../../reference/';
    private const RANDOM = 300;

    /** Ends that are begun in other ways, by construction. */
    private const CORD = ['fibre' => 'polyester', 'thickness' => '1 mm', 'colour' => '#aabbcc'];
    private const GATE = ['findings.gate' => ['kind' => 'connector']];
    private const DOT = ['beads.dot' => ['shape' => 'round', 'diameter' => '4 mm', 'colour' => '#aa3322']];

    public function testTheHandsRefuseWhatIsDamaged(): void
    {
        $told = (new Process(['python3', self::REFERENCE.'hands.py', '--selftest']))->mustRun()->getOutput();
        self::assertStringContainsString('20 of 20 damaged sheets refused', $told);
    }

    /**
     * What they find in damaged sheets of ours, so that a sheet in which they find nothing is sound.
     *
     * @param callable(array<mixed>): array<mixed> $damage
     */
    #[DataProvider('provideDamage')]
    public function testTheyFindWhatIsWrongWithASheetOfOurs(callable $damage, string $found): void
    {
        $plan = Examples::plan();
        $sheet = $damage(self::acts()->of($plan));
        self::assertStringContainsString($found, implode("\n", self::followed([['damaged', $sheet, $plan]])));
    }

    /**
     * @return iterable<string, array{callable(array<mixed>): array<mixed>, string}>
     */
    public static function provideDamage(): iterable
    {
        yield 'nothing trimmed' => [self::without('trim'), 'is not cut short'];
        yield 'no knots' => [self::without('tie'), 'the line has'];
        yield 'stops forgotten' => [self::without('stop'), 'not there yet'];
        yield 'backwards' => [self::changed('acts', array_reverse(...)), 'before its cord is cut'];
        $half = static fn (mixed $cord): mixed => \is_array($cord) && \is_float($cord['cut'])
            ? ['cut' => $cord['cut'] / 2] + $cord
            : $cord;
        yield 'a cord too short' => [
            self::changed('cords', static fn (array $cords): array => array_map($half, $cords)),
            'too short for this',
        ];
    }

    /**
     * @return callable(array<mixed>): array<mixed>
     */
    private static function without(string $does): callable
    {
        return self::changed('acts', static fn (array $acts): array => array_values(array_filter(
            $acts,
            static fn (mixed $act): bool => \is_array($act) && $does !== $act['does'],
        )));
    }

    /**
     * @param callable(array<mixed>): array<mixed> $change
     *
     * @return callable(array<mixed>): array<mixed>
     */
    private static function changed(string $field, callable $change): callable
    {
        return static function (array $sheet) use ($field, $change): array {
            \assert(\is_array($sheet[$field]));
            $sheet[$field] = $change($sheet[$field]);

            return $sheet;
        };
    }

    /**
     * The shipped examples, in both units and languages, and after each school of finishing.
     */
    public function testEveryExampleIsMadeAsItsSheetSays(): void
    {
        $sheets = (static function (): iterable {
            foreach (Examples::shipped() as $name => $piece) {
                yield [$name, $piece];
                yield [$name.' in inches', $piece->withUnit(Unit::Inch)];
            }
        })();
        self::assertSame(['76 sheets'], self::followed($this->planned($sheets)));
        self::getContainer()->get(LocaleSwitcher::class)->setLocale('nl');
        $sheets = [];
        foreach (Examples::shipped() as $name => $piece) {
            $sheets[] = [(string) $name, $piece];
        }
        $first = self::acts()->of((new Planner())->plan($sheets[0][1]));
        self::assertStringContainsString('Knip', json_encode($first, \JSON_THROW_ON_ERROR));
        self::assertSame(['38 sheets'], self::followed($this->planned($sheets)));
    }

    /**
     * What learners make in the course, on a small wrist and a large one.
     */
    public function testEveryEveningIsMadeAsItsSheetSays(): void
    {
        $pieces = [];
        foreach (TenEvenings::evenings() as $number => $evening) {
            foreach (['13 cm', '16 cm', '21 cm'] as $girth) {
                $pieces[] = ['evening '.$number.' at '.$girth, (new PieceReader())->read([
                    'format' => PieceReader::FORMAT, 'version' => PieceReader::VERSION, 'name' => 'Piece',
                    'wearer' => ['girth' => $girth],
                ] + $evening->design)];
            }
        }
        self::assertSame(['30 sheets'], self::followed($this->planned($pieces)));
    }

    /**
     * Every construction with each of its closures, ends, tails and beginnings, finished after one school or another;
     * `./rinkel hands` has each of them finished after every school.
     */
    public function testEveryConstructionIsMadeWithEveryEnd(): void
    {
        $isWhole = '' !== (string) getenv('RINKEL_HANDS');
        $told = self::followed($this->planned(self::combined($isWhole)));
        self::assertCount(1, $told, implode("\n", \array_slice($told, 0, 20)));
        self::assertGreaterThan($isWhole ? 2900 : 320, (int) $told[0]);
    }

    /**
     * The order of needs holds whatever a maker is used to: working ends at the end, stops first, the button last.
     */
    public function testEveryConstructionIsMadeByEveryHabit(): void
    {
        $pieces = (static function (): iterable {
            $reader = new PieceReader();
            foreach (Constructions::all()->ids() as $id) {
                foreach (Constructions::all()->get($id)->closures() as $kind) {
                    foreach ('' === (string) getenv('RINKEL_HANDS') ? [3, 4] : range(1, 7) as $habit) {
                        $changes = [
                            'closure.kind' => $kind->id(),
                            'habits.working' => 0 === ($habit & 1) ? 'first' : 'last',
                            'habits.stops' => 0 === ($habit & 2) ? 'last' : 'first',
                            'habits.button' => 0 === ($habit & 4) ? 'first' : 'last',
                            'habits.joining' => 0 === ($habit & 1) ? 'laid' : 'bound',
                            'habits.stringing' => 0 === ($habit & 2) ? 'together' : 'singly',
                            'habits.loopEnd' => 0 === ($habit & 2) ? 'long' : 'short',
                            'habits.halves' => 0 === ($habit & 4) ? 'together' : 'in-turn',
                            'habits.reminders' => 0 === ($habit & 1) ? 'always' : 'once',
                            'habits.sealing' => 0 === ($habit & 2) ? 'glue' : 'varnish',
                        ];
                        yield [$id.' '.json_encode($changes), $reader->read(Examples::bare($id, $changes))];
                    }
                }
            }
        })();
        $told = self::followed($this->planned($pieces));
        self::assertCount(1, $told, implode("\n", \array_slice($told, 0, 20)));
        self::assertGreaterThan(85, (int) $told[0]);
    }

    public function testPiecesByChanceAreMade(): void
    {
        $pieces = (static function (): iterable {
            for ($i = $made = 0; $made < self::RANDOM; ++$i) {
                $piece = Examples::random(new Chance(1000 + $i));
                // A wrap for which no bead is left is none.
                if ('bundled-wrap' !== $piece->construction || [] !== (new Planner())->plan($piece)->beads) {
                    ++$made;
                    yield ['by chance '.$i, $piece];
                }
            }
        })();
        self::assertSame([self::RANDOM.' sheets'], self::followed($this->planned($pieces)));
    }

    /**
     * @return iterable<array{string, PieceSpec}>
     */
    private static function combined(bool $isWhole): iterable
    {
        $reader = new PieceReader();
        $number = 0;
        foreach (Constructions::all()->ids() as $id) {
            foreach (Constructions::all()->get($id)->closures() as $kind) {
                foreach (self::ends($kind) as $end) {
                    foreach (self::beginnings($id) as $beginning) {
                        $schools = self::schools();
                        // Between two whole runs each third of them, by another school each time.
                        if (0 !== ++$number % 3 && !$isWhole) {
                            continue;
                        }
                        foreach ($isWhole ? $schools : [$schools[intdiv($number, 3) % \count($schools)]] as $school) {
                            $changes = ['closure.kind' => $kind->id(), ...$end, ...$beginning, ...$school];
                            yield [$id.' '.json_encode($changes), $reader->read(Examples::bare($id, $changes))];
                        }
                    }
                }
            }
        }
    }

    /**
     * @return list<array<string, mixed>> changes of a piece
     */
    private static function schools(): array
    {
        return [[], ['habits.melting' => 'glue'], ['habits.melting' => 'glue', 'habits.gluing' => 'last']];
    }

    /**
     * @return list<array<string, mixed>> changes of a piece
     */
    private static function ends(ClosureKind $kind): array
    {
        $isTied = \in_array(ClosureOption::Behind, $kind->options(), true);
        $unlike = [];
        $forms = ['loop', 'knotted-loop', 'button', 'ties', 'findings'];
        foreach ($forms as $start) {
            foreach ($forms as $finish) {
                $unlike[] = ['closure.start' => $start, 'closure.finish' => $finish];
            }
        }
        $unlike[] = ['closure.start' => 'button', 'closure.finish' => 'loop', 'closure.loops' => 2];

        return match (true) {
            'two-ends' === $kind->id() => $unlike,
            'button-loop' === $kind->id() => [
                [], ['closure.loops' => 3],
                ['closure.tails' => 'bead dot, unequal 8 mm', 'closure.play' => '3 mm'] + self::DOT,
                ...($isTied ? [['closure.knotted' => true], ['closure.behind' => 2, 'closure.play' => '3 mm']] : []),
            ],
            $kind->slides(), 'ties' === $kind->id() => [
                [], ['closure.tails' => 'all cords, own stops'], ['closure.tails' => 'frayed'],
                ['closure.tails' => 'bead dot, unequal 8 mm'] + self::DOT,
                ['closure.tails' => 'own stops, stop barrel 3'],
            ],
            'clasp' === $kind->id() => [
                [],
                ...(\in_array(ClosureOption::Over, $kind->options(), true) ? [['closure.behind' => 2]] : []),
                [
                    'closure.findings' => ['cap', 'cap', 'hook'],
                    'findings' => ['cap' => ['kind' => 'cord-end', 'inside' => '9 mm'], 'hook' => ['kind' => 'hook']],
                ],
            ],
            'elastic' === $kind->id() => [
                [], ['closure.plain' => true, 'closure.glued' => true],
                ['closure.findings' => ['one'], 'findings' => ['one' => ['kind' => 'crimp-cover']]],
                [
                    'closure.findings' => ['one', 'two'],
                    'findings' => ['one' => ['kind' => 'crimp-cover'], 'two' => ['kind' => 'crimp-cover']],
                ],
            ],
            default => [[]],
        };
    }

    /**
     * @return list<array<string, mixed>> changes of a piece
     */
    private static function beginnings(string $construction): array
    {
        $folded = ['cords.core' => ['count' => 2, 'run' => 'folded'] + self::CORD];
        $three = ['cords.core' => ['fibre' => 'hemp', 'count' => 3] + self::CORD];
        $apart = ['count' => 4, 'run' => 'apart', 'fibre' => 'cotton'] + self::CORD;

        return match ($construction) {
            'square-knot-band' => [
                [], $folded, $three,
                ['pattern' => '1 square x fit, focal gate, mirror'] + self::GATE,
                [
                    'pattern' => '1 square x fit, focal gate, mirror',
                    'findings.opal' => ['kind' => 'stone', 'length' => '10 mm', 'width' => '8 mm'],
                ] + self::GATE,
                ['pattern' => '(1 half left, 1 half right) x fit, 1 overhand'],
                [
                    'cords.working' => ['fibre' => 'cotton', 'run' => 'under'] + self::CORD,
                    'cords.core' => ['count' => 2, 'run' => 'folded'] + self::CORD,
                ],
                ['pattern' => '1 square x fit, 1 hitch, focal gate, mirror'] + $three + self::GATE,
                ['pattern' => '1 vertical lark x fit, focal gate, mirror'] + self::GATE,
                ['pattern' => '10 square, focal gate, 20 square'] + self::GATE,
                ['pattern' => '10 square, focal gate, 20 square, focal gate, 10 square'] + self::GATE,
                ['pattern' => '1 square x fit, outwards'],
                ['cords.working' => ['fibre' => 'cotton', 'run' => 'apart'] + self::CORD],
            ],
            'stacked-band' => [
                [], $folded, $three,
                ['pattern' => '(3 square in first, 3 square in second) x fit, 1 overhand'],
            ],
            'multi-row' => [[], $folded, $three],
            'braided-chain' => [[], ['cords.left' => $apart, 'cords.right' => $apart]],
            default => [[]],
        };
    }

    /**
     * @param iterable<array{string, PieceSpec}> $pieces
     *
     * @return iterable<array{string, array<mixed>, Plan}>
     */
    private function planned(iterable $pieces): iterable
    {
        $planner = new Planner();
        foreach ($pieces as [$name, $piece]) {
            $plan = $planner->plan($piece);
            $acts = self::acts()->of($plan);
            // A sentence that nobody wrote would be shown by its key.
            self::assertStringNotContainsString('"making.', json_encode($acts, \JSON_THROW_ON_ERROR), $name);
            yield [$name, $acts, $plan];
        }
    }

    private static function acts(): ActsDocument
    {
        return self::getContainer()->get(ActsDocument::class);
    }

    /**
     * @param iterable<array{string, array<mixed>, Plan}> $sheets
     *
     * @return list<string> what the hands say
     */
    private static function followed(iterable $sheets): array
    {
        $plans = self::getContainer()->get(PlanDocument::class);
        $lines = (static function () use ($sheets, $plans): iterable {
            foreach ($sheets as [$name, $acts, $plan]) {
                yield json_encode([
                    'name' => $name,
                    'acts' => $acts,
                    'plan' => ['line' => $plans->of($plan)['line']],
                ], \JSON_THROW_ON_ERROR)."\n";
            }
        })();
        $hands = new Process(['python3', self::REFERENCE.'every.py'], input: $lines, timeout: 300);

        return explode("\n", trim($hands->mustRun()->getOutput()));
    }
}
