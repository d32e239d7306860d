<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core;

use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Construction\Constructions;
use Rinkel\Core\Construction\Offers;
use Rinkel\Core\Drawing\Layout;
use Rinkel\Core\Failure;
use Rinkel\Core\Knot\KnownKnots;
use Rinkel\Core\Knot\Side;
use Rinkel\Core\Lesson\Lessons;
use Rinkel\Core\Making\Forecast;
use Rinkel\Core\Making\Pace;
use Rinkel\Core\Making\TapeReading;
use Rinkel\Core\Making\Worked;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Piece\PieceReader;
use Rinkel\Core\Piece\PieceWriter;
use Rinkel\Core\Plan\Plan;
use Rinkel\Core\Plan\Planner;
use Rinkel\Core\Work\Act;
use Rinkel\Core\Work\Acts;

/**
 * Every example and every lesson comes to what it came to when somebody looked last: whoever changes one on purpose looks at
 * it, and has "./rinkel golden" write it down.
 */
final class SameTest extends TestCase
{
    private const FILE = __DIR__.'/../golden/digests.txt';

    #[Group('golden')]
    public function testEachComesToWhatItCameTo(): void
    {
        $now = [...self::examples(), ...self::closed(), ...self::tied(), ...self::otherwise(), ...self::lessons()];
        if (false !== getenv('UPDATE_GOLDEN')) {
            file_put_contents(self::FILE, implode("\n", $now)."\n");
        }
        $then = explode("\n", trim((string) file_get_contents(self::FILE)));
        self::assertSame([], array_values(array_diff($now, $then)), 'These are others now.');
        self::assertCount(\count($then), $now);
    }

    /**
     * @return list<string>
     */
    private static function examples(): array
    {
        $lines = [];
        foreach (Examples::shipped() as $name => $piece) {
            foreach (self::parts((new Planner())->plan($piece)) as $part => $value) {
                $lines[] = $name.' '.$part.' '.(new Digest())->of($value);
            }
        }

        return $lines;
    }

    /**
     * Returns each construction, closed in each of its ways.
     *
     * @return list<string>
     */
    private static function closed(): array
    {
        $lines = [];
        foreach (Constructions::all()->ids() as $construction) {
            foreach (Constructions::all()->named($construction)?->closures() ?? [] as $kind) {
                $plan = Examples::planOf($construction, ['closure' => ['kind' => $kind->id()]]);
                $lines[] = $construction.' '.$kind->id().' '.(new Digest())->of(self::parts($plan));
            }
        }

        return $lines;
    }

    /**
     * Returns each construction with each knot that it can tie, and going round twice.
     *
     * @return list<string>
     */
    private static function tied(): array
    {
        $lines = [];
        $planner = new Planner();
        foreach (Constructions::all()->ids() as $construction) {
            $lines[] = $construction.' twice '.self::said($construction, ['wraps' => 2]);
            $piece = $planner->completed((new PieceReader())->read(Examples::bare($construction)));
            foreach ((new Offers())->knots($piece) as $word) {
                $turns = KnownKnots::all()->named($word)?->usualTurns();
                $knots = '3 '.$word.(null === $turns ? '' : ' '.$turns);
                $lines[] = $construction.' '.str_replace(' ', '-', $word).' '.self::said($construction, ['pattern' => $knots.', gap 8 mm, '.$knots]);
            }
        }

        return $lines;
    }

    /**
     * @param array<string, mixed> $changes
     */
    private static function said(string $construction, array $changes): string
    {
        try {
            return (new Digest())->of(self::parts(Examples::planOf($construction, $changes)));
        } catch (Failure $failure) {
            return (new Digest())->of($failure->said());
        }
    }

    /**
     * Returns each example as it is made with every habit that is not the usual one.
     *
     * @return list<string>
     */
    private static function otherwise(): array
    {
        $habits = ['coreEnds' => '110 mm', 'workingEnds' => '90 mm', 'tailEnd' => '15 mm', 'sliderKnots' => 5, 'rounding' => '5 mm'];
        foreach (UsualHabits::of() as $name => $usual) {
            foreach ($usual instanceof \BackedEnum ? array_reverse($usual::cases()) : [] as $case) {
                if ($case !== $usual) {
                    $habits[$name] = $case->value;
                }
            }
        }
        $lines = [];
        foreach (Examples::shipped() as $name => $piece) {
            $document = ['habits' => $habits] + (new PieceWriter())->write($piece);
            $plan = (new Planner())->plan((new PieceReader())->read($document));
            $lines[] = $name.' otherwise '.(new Digest())->of([$plan->cuts, $plan->acts()->all, $plan->checks]);
        }

        return $lines;
    }

    /**
     * @return list<string>
     */
    private static function lessons(): array
    {
        $lines = [];
        foreach ([Side::Left, Side::Right] as $side) {
            foreach (Lessons::all()->lessons($side) as $lesson) {
                $frames = array_map($lesson->courses(...), array_keys($lesson->frames));
                $lines[] = str_replace(' ', '-', $lesson->id).' lesson-'.$side->value.' '.(new Digest())->of([$lesson, $frames]);
            }
        }

        return $lines;
    }

    /**
     * @return array<string, mixed>
     */
    private static function parts(Plan $plan): array
    {
        $layout = new Layout($plan);
        $acts = $plan->acts();

        return [
            'draft' => [$plan->draft, $plan->draft->body(), $plan->draft->worn(), $plan->draft->open()],
            'checks' => $plan->checks,
            'cuts' => [$plan->cuts, $plan->sheet, $plan->cordTotals()],
            'beads' => [$plan->beads, $plan->beadPlaces(), $plan->letters(), $plan->findings()],
            'acts' => [$acts->all, $acts->knots(), array_map((new Pace())->seconds(...), $acts->all)],
            'making' => self::making($plan, $acts),
            'figures' => $plan->figures(),
            'neighbours' => $plan->neighbours(),
            'flat' => [$layout->flat(), $layout->below()],
            'worn' => $layout->worn(),
            'slid' => $layout->sliding($plan->draft->fastened->span->wide->millimetres),
        ];
    }

    /**
     * Returns what is known of a piece when two thirds of it are made, and a little longer than planned.
     *
     * @return list<mixed>
     */
    private static function making(Plan $plan, Acts $acts): array
    {
        $moves = (int) (2 * array_sum(array_map(static fn (Act $act): int => $act->stint->count, $acts->all)) / 3);
        $worked = Worked::until($plan, $acts, $moves);
        $reading = new TapeReading($moves, $worked->length()->times(1.04), $plan->cuts[0]->role, Length::ofMillimetres(400));
        $forecast = Forecast::of($plan, $acts, $reading);

        return [
            $worked, $worked->length(), $forecast->suffices(), $forecast->needed(), $forecast->rest(), $forecast->more(),
            $forecast->give(), (new Pace())->chain($acts, $moves),
        ];
    }
}
