<?php

declare(strict_types=1);

namespace Rinkel\Core\Construction\Way;

use Rinkel\Core\Construction\Draft;
use Rinkel\Core\Hand\Made;
use Rinkel\Core\Knot\Side;
use Rinkel\Core\Line\Element;
use Rinkel\Core\Line\ElementKind;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Message;
use Rinkel\Core\Pattern\Node\Lane;
use Rinkel\Core\Work\Act;
use Rinkel\Core\Work\ActKind;
use Rinkel\Core\Work\Advice;
use Rinkel\Core\Work\Bench;
use Rinkel\Core\Work\End;
use Rinkel\Core\Work\EndUse;
use Rinkel\Core\Work\Grip;
use Rinkel\Core\Work\Landmark;
use Rinkel\Core\Work\Outlet;
use Rinkel\Core\Work\Part;
use Rinkel\Core\Work\Spot;
use Rinkel\Core\Work\Stint;
use Rinkel\Core\Work\Tool;

/**
 * The way in which pieces of one kind are made: which cords there are, how the work is begun, and its body, run by run.
 * What closes the piece writes itself.
 *
 * What is measured along the piece is due at the end of each act, from where its half begins.
 *
 * @internal
 */
abstract class Way
{
    use StringsBeads;
    use TiesKnots;

    protected readonly Bench $bench;
    protected readonly Side $side;

    /** The last place that can be measured from, where the work stands. */
    protected Landmark $last;

    /** From where the length of the half in hand is measured, and how much of that is bare before its first thing. */
    protected Landmark $origin;
    protected Length $skipped;

    /** Where the half in hand ends. */
    protected Length $until;

    /** @var array<string, array{list<Act>, Landmark}> acts of runs that come again, and where they end */
    private array $rounds = [];

    /** @var array<string, list<EndUse>> what runs of the same elements take */
    private array $known = [];

    /** @var array<int, array<string, list<End>>> by half */
    private array $lanesKnown = [];

    /** @var array<string, true> what was said of knots that go on and on */
    private array $hasTold = [];

    private readonly Repeats $repeats;
    protected readonly Edges $edges;
    private readonly Uses $uses;

    public function __construct(protected readonly Draft $draft)
    {
        $piece = $draft->piece;
        $this->side = $piece->habits->tying->side;
        $this->bench = new Bench(
            $draft->book(),
            $piece->habits,
            $piece->wearer->place,
            $draft->body(),
            $draft->worn(),
            $draft->open(),
        );
        $this->repeats = new Repeats($draft->line);
        $this->edges = new Edges($draft->setting->elements);
        $this->uses = new Uses($draft->book(), $this->repeats);
        $this->last = $this->origin = Landmark::of('mark');
        $this->skipped = $this->until = Length::zero();
    }

    /**
     * Returns the piece as it is made, written down.
     */
    final public function written(): Bench
    {
        $this->begin();
        $this->bench->write('tips', Tips::of($this->draft));
        foreach (['body', 'mount', 'join'] as $stretch) {
            $this->bench->need($stretch, 'tips');
        }
        $this->body();
        $this->bench->write('trial', $this->trial(), ['body']);
        [$start, $finish] = $this->outlets();
        $this->draft->fastened->closing->write($this->bench, $start, $finish);
        $stones = Cabochons::of($this->draft);
        if ([] !== $stones) {
            $this->bench->write('stones', $stones, Cabochons::AFTER);
        }

        return $this->bench;
    }

    /**
     * Says which cords there are, and writes how the work is begun, in the stretches "mount" and "join".
     */
    abstract protected function begin(): void;

    /**
     * Returns which ends take what an element keeps by its lanes, in the whole body or in one half.
     *
     * @param int $half 0 of all, 1 of the left, 2 of the right
     *
     * @return array<string, list<End>>
     */
    abstract protected function lanes(int $half): array;

    /**
     * @return array{Outlet, Outlet} where the body begins, and where it ends
     */
    abstract protected function outlets(): array;

    /**
     * Returns the parts of the body that are worked each from its own beginning: all of it, or from its middle to
     * either end.
     *
     * @return non-empty-list<Half>
     */
    protected function halves(): array
    {
        return [Half::whole($this->draft->setting)];
    }

    /**
     * Writes the body: half by half, each held to the other.
     */
    protected function body(): void
    {
        $halves = $this->halves();
        foreach ($halves as $half) {
            $this->bench->write('body', $this->half($half));
            if (\count($halves) > 1 && [] !== $half->elements) {
                $this->bench->write('body', [$this->compared($half)]);
            }
        }
        $this->bench->write('body', [], ['cords', 'mount', 'join']);
    }

    /**
     * The first half is measured, the second held to its real length.
     */
    protected function compared(Half $half): Act
    {
        $due = $half->length()->minus($this->skipped);

        return new Act(
            ActKind::Compare,
            Part::Body,
            new Message(1 === $half->number ? 'half-done' : 'compare-halves', [
                'due' => $due,
                'from' => $this->origin,
                'to' => $this->last,
                'real' => 'no',
            ]),
            grip: new Grip(half: $half->number),
            spot: new Spot(marks: [$this->origin, $this->last], sizes: ['body' => $due]),
            advice: new Advice(tools: [Tool::Tape]),
        );
    }

    /**
     * @return list<Act>
     */
    protected function half(Half $half): array
    {
        $this->start($half);
        $this->until = $half->length();
        $acts = [];
        $isFirst = true;
        foreach ($half->runs($this->joins(...)) as $run) {
            if (ElementKind::Bare === $run->element->kind) {
                if ($isFirst && 0 === $half->number) {
                    // It lies before what is at the mark: it is cord of the other end.
                    $this->skipped = $run->length();
                    $acts[] = $this->before($run);
                    continue;
                }
                $acts[] = $this->leave($run);
                continue;
            }
            $isFirst = false;
            array_push($acts, ...$this->run($run));
        }

        return $acts;
    }

    /**
     * Sets from where a half is measured.
     */
    protected function start(Half $half): void
    {
        $this->skipped = Length::zero();
        $this->origin = $this->last = 0 === $half->number
            ? Landmark::of('mark')
            : Landmark::of('middle');
    }

    /**
     * Returns whether what follows is more of the same: one run of knots, or of beads one after the other.
     */
    protected function joins(Element $last, Element $next): bool
    {
        if ($last === $next && null !== $last->knot) {
            return true;
        }

        return $last->word() === $next->word() && (
            null !== $next->knot && $this->tying($last) === $this->tying($next)
                && $last->mention->wraps === $next->mention->wraps
                && $this->repeats->isOpen($last) === $this->repeats->isOpen($next)
            || $last->isBead() && $next->isBead() && $last->seat->lane === $next->seat->lane
            && $last->seat->strand === $next->seat->strand
                && [] === $last->beside && [] === $next->beside
            || ElementKind::Bare === $last->kind
        );
    }

    /**
     * What is done over and over is written once, and placed where it comes again.
     *
     * @return list<Act>
     */
    protected function run(WorkRun $run): array
    {
        $isOpen = null !== $run->element->knot && $this->repeats->isOpen($run->element);
        if ($isOpen || $run->from->equals($this->skipped)) {
            return $this->acts($run);
        }
        $key = $this->last->id.' '.$this->ofSame($run, $run->half);
        if (isset($this->rounds[$key])) {
            [$acts, $this->last] = $this->rounds[$key];

            return array_map(static fn (Act $act): Act => $act->placed($run->from, $run->due(), $run->at), $acts);
        }
        $acts = $this->acts($run);
        $this->rounds[$key] = [$acts, $this->last];

        return $acts;
    }

    /**
     * @return list<Act>
     */
    private function acts(WorkRun $run): array
    {
        return match ($run->element->kind) {
            ElementKind::Knot => [$this->tie($run)],
            ElementKind::Bead, ElementKind::Letter, ElementKind::Focal, ElementKind::Charm => [$this->string($run)],
            ElementKind::Beside => $this->beside($run),
            ElementKind::Rows,
            ElementKind::Wave,
            ElementKind::Link,
            ElementKind::Net,
            ElementKind::Braid => $this->woven($run),
            ElementKind::Bare => [],
        };
    }

    /**
     * Returns by what runs are told that are of the same elements, as often.
     */
    private function ofSame(WorkRun $run, int $half): string
    {
        $key = (string) $half;
        [$last, $times] = [0, 0];
        foreach ($run->elements as $element) {
            $id = spl_object_id($element);
            if ($id !== $last) {
                $key .= ' '.$times.'x'.$id;
                [$last, $times] = [$id, 0];
            }
            ++$times;
        }

        return $key.' '.$times;
    }

    /**
     * Returns cord left bare, and the place marked.
     */
    protected function leave(WorkRun $run, string $key = 'leave'): Act
    {
        $bare = $run->length();
        $from = $this->last;
        $this->last = Landmark::of('mark');

        return new Act(
            ActKind::Leave,
            Part::Body,
            new Message($key, ['bare' => $bare, 'from' => $from]),
            stint: new Stint(
                takes: $this->taken($run),
                adds: $bare,
                what: ElementKind::Bare->value,
                grows: $run->grows(),
            ),
            grip: new Grip(half: $run->half),
            spot: $run->spot(marks: [$from], makes: [$this->last], sizes: ['distance' => $bare]),
            advice: new Advice(tools: [Tool::Tape]),
        );
    }

    /**
     * Returns cord that lies bare before what the body begins with: it is kept by what is at the mark.
     */
    protected function before(WorkRun $run): Act
    {
        $bare = $run->length();

        return new Act(
            ActKind::Leave,
            Part::Body,
            new Message('leave-before', ['bare' => $bare, 'from' => $this->last]),
            stint: new Stint(takes: $this->taken($run, 1), adds: $bare, what: ElementKind::Bare->value),
            grip: new Grip(half: $run->half),
            spot: $run->spot([$this->last], [], ['distance' => $bare]),
        );
    }

    /**
     * Returns what there is to look at when something is made for the first time in a piece; nothing later.
     *
     * @return list<Message>
     */
    final protected function first(string $look): array
    {
        $isFirst = !isset($this->hasTold[$look]);
        $this->hasTold[$look] = true;

        return $isFirst ? [new Message($look)] : [];
    }

    /**
     * Returns what only some kinds of pieces have.
     *
     * @return list<Act>
     */
    protected function woven(WorkRun $run): array
    {
        throw new \LogicException('Nobody says how a '.$run->element->word().' is made here.');
    }

    /**
     * Returns the trial on the wearer, before anything is tightened for good.
     *
     * @return list<Act>
     */
    protected function trial(): array
    {
        $toCome = $this->toCome();
        $more = Addable::of($this->draft, $this->growsBothWays());

        return [new Act(
            ActKind::Try,
            Part::Trial,
            new Message('try-on', [
                'place' => $this->draft->piece->wearer->place->value,
                'body' => $this->draft->body(),
                'worn' => $this->draft->worn(),
                'wraps' => $this->draft->piece->wraps,
                'pinned' => $this->isPinned() ? 'yes' : 'no',
                'come' => $toCome,
                'comes' => $toCome->isZero() ? 'no' : 'yes',
            ]),
            spot: new Spot(
                sizes: ['body' => $this->draft->body(), 'worn' => $this->draft->worn(), 'come' => $toCome],
            ),
            advice: new Advice(
                looks: [...(null === $more ? [] : [$more]), new Message('look-fit')],
                tools: [Tool::Tape],
            ),
        )];
    }

    /**
     * Returns whether it lies pinned or clipped to a board while it is made.
     */
    protected function isPinned(): bool
    {
        return true;
    }

    /**
     * Returns whether what is added is added on either side.
     */
    protected function growsBothWays(): bool
    {
        return $this->draft->line->mirrored;
    }

    /**
     * Returns what of the body is made only after the trial.
     */
    protected function toCome(): Length
    {
        return Length::zero();
    }

    /**
     * Returns what a run takes of each end.
     *
     * @param int|null $half whose ends take it, its own when null
     *
     * @return list<EndUse>
     */
    protected function taken(WorkRun $run, ?int $half = null): array
    {
        $half ??= $run->half;
        $key = $this->ofSame($run, $half);
        if (isset($this->known[$key])) {
            return $this->known[$key];
        }
        $times = [];
        foreach ($run->elements as $element) {
            $id = spl_object_id($element);
            $times[$id] = [($times[$id][0] ?? 0) + 1, $element];
        }
        $lanes = $this->lanesOf($half);
        $all = [];
        foreach ($times as [$count, $element]) {
            foreach ($element->takes as $lane => $take) {
                foreach ($lanes[$lane] ?? [] as $end) {
                    $all[] = $this->uses->spent(
                        $element,
                        $end,
                        $take->straight->millimetres * $count,
                        $take->knots->millimetres * $count,
                        $count,
                    );
                }
            }
        }

        return $this->known[$key] = $all;
    }

    /**
     * @return array<string, list<End>>
     */
    final protected function lanesOf(int $half): array
    {
        return $this->lanesKnown[$half] ??= $this->lanes($half);
    }

    /**
     * Returns the ends that carry what a run strings.
     *
     * @return list<End>
     */
    protected function carry(WorkRun $run, ?Lane $lane = null): array
    {
        return array_values($this->lanesOf($run->half))[0] ?? [];
    }

    /**
     * Returns the place that a run makes, where what follows begins.
     */
    protected function edge(WorkRun $run): Landmark
    {
        $edge = $this->edges->of($run->element, false);

        return 'last-edge' === $edge->word ? Landmark::of('last-knot') : $edge;
    }

    /**
     * Returns the places that a run makes: where what follows begins, and of the first of all where the piece begins.
     *
     * @return list<Landmark>
     */
    protected function places(WorkRun $run): array
    {
        $isFirst = 0 === $run->half && !$run->grows() && $run->from->equals($this->skipped);

        $places = [
            $this->edge($run),
            $this->edges->of($run->element, $run->grows()),
            $this->edges->of($run->element, false),
        ];

        return $isFirst ? [$this->edges->of($run->element, true), ...$places] : $places;
    }

    /**
     * Returns the ends of some cords.
     *
     * @param list<\Rinkel\Core\Work\WorkCord> $cords
     *
     * @return list<End>
     */
    protected static function ends(array $cords, bool $a = true, bool $b = true): array
    {
        $ends = [];
        foreach ($cords as $cord) {
            if ($a) {
                $ends[] = $cord->a;
            }
            if ($b) {
                $ends[] = $cord->b;
            }
        }

        return $ends;
    }
}
