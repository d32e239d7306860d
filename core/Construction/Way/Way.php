<?php

declare(strict_types=1);

namespace Rinkel\Core\Construction\Way;

use Rinkel\Core\Construction\Draft;
use Rinkel\Core\Hand\Made;
use Rinkel\Core\Knot\Knot;
use Rinkel\Core\Knot\Manner;
use Rinkel\Core\Knot\Side;
use Rinkel\Core\Line\Element;
use Rinkel\Core\Line\ElementKind;
use Rinkel\Core\Line\OnEnd;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Message;
use Rinkel\Core\Pattern\Node\Lane;
use Rinkel\Core\Work\Act;
use Rinkel\Core\Work\Acting;
use Rinkel\Core\Work\Bench;
use Rinkel\Core\Work\Cure;
use Rinkel\Core\Work\Does;
use Rinkel\Core\Work\End;
use Rinkel\Core\Work\Finish;
use Rinkel\Core\Work\Landmark;
use Rinkel\Core\Work\Move;
use Rinkel\Core\Work\Outlet;
use Rinkel\Core\Work\Part;
use Rinkel\Core\Work\Spent;
use Rinkel\Core\Work\Strung;
use Rinkel\Core\Work\Tool;

/**
 * The way in which pieces of one kind are made: which cords there are, how the work is begun, and its body, run by run.
 * What closes the piece writes itself.
 *
 * What is measured along the piece is due at the end of each act, from where its half begins.
 */
abstract class Way
{
    /** Knots that a maker winds around a straw from so many turns on. */
    private const WOUND = 2;

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

    /** @var array<string, list<Spent>> what runs of the same elements take */
    private array $known = [];

    /** @var array<int, array<string, list<End>>> by half */
    private array $lanesKnown = [];

    /** How many runs of beads were strung. */
    private int $hasStrung = 0;

    /** @var array<string, true> what was said of knots that go on and on */
    private array $hasTold = [];

    private readonly Repeats $repeats;
    protected readonly Edges $edges;
    private readonly Uses $uses;

    public function __construct(protected readonly Draft $draft)
    {
        $piece = $draft->piece;
        $this->side = $piece->habits->side;
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
        $this->tips();
        $this->body();
        $this->bench->write('trial', $this->trial(), ['body']);
        [$start, $finish] = $this->outlets();
        $this->draft->fastened->closing->write($this->bench, $start, $finish);
        $this->stones();

        return $this->bench;
    }

    /**
     * Writes how stones are glued into what the piece hangs on: last, when nothing is bent or pulled any more.
     */
    private function stones(): void
    {
        $into = (string) $this->draft->setFor();
        $acts = array_map(static fn (string $stone): Act => new Act(
            Does::Attach,
            Part::Ends,
            new Message('set-stone', ['stone' => $stone, 'into' => $into]),
            things: [$stone],
            looks: [new Message('look-stone-in'), new Message('look-glue')],
            tools: [Tool::Glue],
            lesson: 'cabochon',
        ), $this->draft->stones());
        if ([] !== $acts) {
            $this->bench->write('stones', [...$acts, Finish::wait(Cure::End)], [
                'body', 'slider', 'stops', 'slid', 'closed', 'end start', 'end finish', 'working ends', 'last ends',
            ]);
        }
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
            Does::Compare,
            Part::Body,
            new Message(1 === $half->number ? 'half-done' : 'compare-halves', [
                'due' => $due,
                'from' => $this->origin,
                'to' => $this->last,
                'real' => 'no',
            ]),
            marks: [$this->origin, $this->last],
            sizes: ['body' => $due],
            tools: [Tool::Tape],
            half: $half->number,
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
            null !== $next->knot && $this->tying($last) === $this->tying($next) && $last->wraps === $next->wraps
                && $this->repeats->isOpen($last) === $this->repeats->isOpen($next)
            || $last->isBead() && $next->isBead() && $last->lane === $next->lane && $last->strand === $next->strand
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
            Does::Leave,
            Part::Body,
            new Message($key, ['bare' => $bare, 'from' => $from]),
            takes: $this->taken($run),
            adds: $bare,
            what: ElementKind::Bare->value,
            grows: $run->grows(),
            marks: [$from],
            makes: [$this->last],
            sizes: ['distance' => $bare],
            from: $run->from,
            due: $run->due(),
            at: $run->at,
            along: $run->along(),
            tools: [Tool::Tape],
            half: $run->half,
        );
    }

    /**
     * Returns cord that lies bare before what the body begins with: it is kept by what is at the mark.
     */
    protected function before(WorkRun $run): Act
    {
        $bare = $run->length();

        return new Act(
            Does::Leave,
            Part::Body,
            new Message('leave-before', ['bare' => $bare, 'from' => $this->last]),
            takes: $this->taken($run, 1),
            adds: $bare,
            what: ElementKind::Bare->value,
            marks: [$this->last],
            sizes: ['distance' => $bare],
            from: $run->from,
            due: $run->due(),
            at: $run->at,
            along: $run->along(),
            half: $run->half,
        );
    }

    protected function tie(WorkRun $run): Act
    {
        $element = $run->element;
        $knot = $element->knot ?? throw new \LogicException('What is tied is no knot.');
        $moves = $this->moves($element);
        $isWound = null !== $knot->usualTurns();
        $by = $this->ties($run);
        $marks = [$this->last];
        $isFree = $this->repeats->isOpen($element) && $knot->manner()->isPushed();
        $due = $run->due()->minus($this->skipped);
        $makes = $this->edge($run);
        $from = $this->last;
        $this->last = $makes;
        $isFirst = $from->id === $this->origin->id;

        return new Act(
            $isWound ? Does::Wind : Does::Tie,
            Part::Body,
            new Message(match (true) {
                $isFree => $this->untilKey(),
                \count($by) > 1 && Manner::Own === $knot->manner() => $this->tiesAll() ? $this->allKey() : 'tie-each',
                default => $this->tieKey($run),
            }, [
                'count' => $run->count(),
                'knot' => $knot->word(),
                'turns' => $element->wraps ?? 0,
                'role' => $this->tying($element) ?? 'none',
                'due' => $due,
                'from' => $from,
                'to' => $this->edges->of($element, false),
                'origin' => 0 === $run->half ? $this->edges->brink(true)[0] : $this->origin,
                'first' => $isFirst ? 'yes' : 'no',
                'end' => $this->workingEnd($run) ?? (null === $this->tying($element) ? 'none' : 'role'),
            ]),
            $moves,
            $run->count() * \count($moves),
            $this->tying($element),
            $this->acting($element),
            by: $by,
            around: $this->around($run),
            takes: $this->taken($run),
            adds: $run->length(),
            what: $element->word(),
            grows: $run->grows(),
            marks: $marks,
            makes: $this->places($run),
            sizes: $isFree ? ['body' => $due] : [],
            knot: $knot->word(),
            from: $run->from,
            due: $run->due(),
            at: $run->at,
            along: $run->along(),
            looks: $this->tightened($run, \count($by)),
            tools: $isWound && ($element->wraps ?? 0) >= self::WOUND ? [Tool::Straw] : [],
            lesson: $knot->word(),
            half: $run->half,
        );
    }

    /**
     * Returns which sentence says that a run goes on until a length is reached.
     */
    protected function untilKey(): string
    {
        return 'tie-until';
    }

    /**
     * Returns which sentence says that all ends tie one knot together.
     */
    protected function allKey(): string
    {
        return 'tie-all';
    }

    /**
     * Returns which end of its cord ties a run, where one does: "left", "right", "long".
     */
    protected function workingEnd(WorkRun $run): ?string
    {
        return null;
    }

    /**
     * Returns which sentence says how a run of knots is tied.
     */
    protected function tieKey(WorkRun $run): string
    {
        return 'tie';
    }

    /**
     * Returns what there is to look at before a knot is tightened for good.
     *
     * @return list<Message>
     */
    protected function tightened(WorkRun $run, int $ends): array
    {
        $knot = $run->element->knot;

        return match (true) {
            null !== $knot?->usualTurns() => Finish::wound($this->draft->construction->ends($this->draft->piece)->cord),
            Manner::Paired === $knot?->manner() => $this->first(0 === $knot->twist() ? 'look-bumps' : 'look-spiral'),
            Manner::Own !== $knot?->manner() => [],
            $ends > 1 && $this->tiesAll() => [new Message('look-strands'), new Message('look-place')],
            default => [new Message('look-place')],
        };
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

    protected function string(WorkRun $run): Act
    {
        $first = $run->element;
        $isFinding = !isset($this->draft->piece->beads[$first->name]);
        $isStrung = $this->isStrung($first);
        $moves = [];
        $names = [];
        foreach ($run->elements as $element) {
            foreach ([] === $element->beside ? [$element] : $element->beside as $i => $bead) {
                $moves[] = Move::bead(Strung::by($bead, [] === $element->beside ? null : $i + 1));
                $names[] = (string) $bead->name;
            }
        }
        $from = $this->last;
        $this->last = $first->hangs ? $from : $this->edge($run);

        return new Act(
            match (true) {
                $isStrung => Does::Push,
                $isFinding || ElementKind::Charm === $first->kind => Does::Attach,
                default => Does::String,
            },
            Part::Body,
            new Message(match (true) {
                $isStrung => 'push',
                ElementKind::Charm === $first->kind => 'hang',
                $isFinding => 'finding',
                Lane::Strand === $first->lane && null === $first->strand => 'bead-strands',
                default => $this->beadKey($first),
            }, [
                'count' => \count($names),
                'beads' => self::told($names, $run),
                'bead' => (string) $first->name,
                'strand' => $first->strand ?? 0,
                'from' => $from,
            ]),
            $moves,
            \count($moves),
            through: $isFinding ? [] : $this->carry($run),
            things: $isStrung ? [] : $names,
            takes: $this->taken($run),
            adds: $run->length(),
            what: $first->word(),
            grows: $run->grows(),
            marks: [$from],
            makes: $first->hangs ? [] : $this->places($run),
            from: $run->from,
            due: $run->due(),
            at: $run->at,
            along: $run->along(),
            looks: $isStrung || $isFinding || $this->hasStrung++ > 0 ? [] : [new Message('look-tip')],
            lesson: $isFinding ? 'ring' : null,
            half: $run->half,
        );
    }

    /**
     * Returns beads that lie side by side, each lane for itself: those of the left, of the right, of each strand.
     *
     * @return list<Act>
     */
    protected function beside(WorkRun $run): array
    {
        $lanes = [];
        foreach ($run->element->beside as $bead) {
            $lanes[$bead->lane->value.' '.($bead->strand ?? 0)][] = $bead;
        }
        $acts = [];
        $from = $this->last;
        $this->last = $this->edge($run);
        foreach (array_values($lanes) as $i => $beads) {
            $names = array_map(static fn (Element $bead): string => (string) $bead->name, $beads);
            $isLast = $i === \count($lanes) - 1;
            $isStrung = $this->isStrung($beads[0]);
            $acts[] = new Act(
                $isStrung ? Does::Push : Does::String,
                Part::Body,
                new Message($isStrung ? 'push' : $this->beadKey($beads[0]), [
                    'count' => \count($names),
                    'beads' => self::told($names),
                    'strand' => $beads[0]->strand ?? 0,
                    'from' => $from,
                ]),
                array_map(static fn (Element $bead): Move => Move::bead(Strung::by($bead)), $beads),
                \count($beads),
                acting: Acting::tryFrom($beads[0]->lane->value),
                through: $this->carry($run, $beads[0]->lane),
                things: $isStrung ? [] : $names,
                takes: $isLast ? $this->taken($run) : [],
                adds: $isLast ? $run->length() : null,
                what: $run->element->word(),
                grows: $run->grows(),
                marks: [$from],
                makes: $isLast ? $this->places($run) : [],
                from: $run->from,
                due: $run->due(),
                at: $run->at,
                along: $isLast ? $run->along() : 0.0,
                half: $run->half,
                lane: \count($lanes) > 1 ? $i + 1 : 0,
            );
        }

        return $acts;
    }

    /**
     * Returns whether a bead is on its cord already when its turn comes.
     */
    protected function isStrung(Element $bead): bool
    {
        return false;
    }

    protected function beadKey(Element $bead): string
    {
        return 'bead-'.$bead->lane->value;
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
     * Returns the moves of one knot: both halves of a square knot, from the maker's own side on.
     *
     * @return non-empty-list<Move>
     */
    protected function moves(Element $element): array
    {
        $knot = $element->knot ?? throw new \LogicException('What is tied is no knot.');
        $other = $this->side->other();

        return match (true) {
            Manner::Paired !== $knot->manner() => [Move::knot($knot->word())],
            0 === $knot->twist() => [
                Move::half($knot->word(), $this->side),
                Move::half($knot->word(), $other),
            ],
            default => [Move::knot($knot->word(), $knot->twist() > 0 ? Side::Left : Side::Right)],
        };
    }

    /**
     * Returns the cord that ties an element: what it takes knots of, most of all.
     */
    protected function tying(Element $element): ?string
    {
        [$role, $most] = [null, 0.0];
        foreach ($element->takes as $lane => $take) {
            if ($take->knots->millimetres > $most) {
                [$role, $most] = [OnEnd::role((string) $lane), $take->knots->millimetres];
            }
        }

        return isset($this->draft->piece->cords[$role]) ? $role : null;
    }

    protected function acting(Element $element): ?Acting
    {
        return Manner::Paired === $element->knot?->manner() ? Acting::Both : null;
    }

    /**
     * Returns the trial on the wearer, before anything is tightened for good.
     *
     * @return list<Act>
     */
    protected function trial(): array
    {
        $toCome = $this->toCome();
        $more = $this->more();

        return [new Act(
            Does::Try,
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
            sizes: ['body' => $this->draft->body(), 'worn' => $this->draft->worn(), 'come' => $toCome],
            looks: [...(null === $more ? [] : [$more]), new Message('look-fit')],
            tools: [Tool::Tape],
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
     * Returns what can be added or undone at the trial, how much longer that makes the piece, and what it takes of each
     * end of the cord that ties it; null where nothing is repeated to a length.
     */
    protected function more(): ?Message
    {
        foreach ([...$this->draft->line->first, ...$this->draft->line->after] as $chunk) {
            $one = $chunk->fills ? \array_slice($chunk->elements, 0, 1) : $chunk->elements;
            $isBare = [] === array_filter(
                $one,
                static fn (Element $element): bool => ElementKind::Bare !== $element->kind,
            );
            if ($isBare || null === $chunk->fit && !$chunk->fills) {
                continue;
            }
            $takes = [];
            foreach ($one as $element) {
                foreach ($element->takes as $lane => $take) {
                    $takes[$lane] = ($takes[$lane] ?? 0.0) + $take->total()->millimetres;
                }
            }
            arsort($takes);
            $longest = (string) array_key_first($takes);
            // Of a cord whose two ends do different things an end is told by its lane.
            $named = OnEnd::role($longest);
            $role = isset($this->draft->piece->cords[$named]) ? $named : 'cord';
            $length = Length::sum(...array_map(static fn (Element $element): Length => $element->length, $one));
            if ($length->isZero() || !isset($this->draft->piece->cords[$role])) {
                return null;
            }

            return new Message('look-more', [
                'unit' => match (true) {
                    1 !== \count($one) => 'repeat',
                    ElementKind::Link === $one[0]->kind => 'link',
                    null !== $one[0]->knot => 'knot',
                    default => 'repeat',
                },
                'length' => $length,
                'takes' => Length::ofMillimetres($takes[$longest]),
                'role' => $role,
                'end' => 'long' === $named ? 'long' : 'each',
                'sides' => $this->growsBothWays() ? 'yes' : 'no',
            ]);
        }

        return null;
    }

    /**
     * Writes the tips that beads are strung with: one kind of act for each cord that passes any.
     */
    private function tips(): void
    {
        $draft = $this->draft;
        $passing = [];
        $seen = [];
        foreach ($draft->elements() as $element) {
            if (isset($seen[spl_object_id($element)])) {
                continue;
            }
            $seen[spl_object_id($element)] = true;
            foreach ([] === $element->beside ? [$element] : $element->beside as $bead) {
                if (isset($draft->piece->beads[$bead->name])) {
                    $passes = $draft->construction->passes($draft->piece, $bead);
                    foreach ($passes as $cord) {
                        $passing[$cord->fibre->value.$cord->thickness->millimetres] = [$cord, \count($passes)];
                    }
                }
            }
        }
        $this->bench->write('tips', array_values(array_map(static fn (array $pass): Act => new Act(
            Does::Tip,
            Part::Cords,
            new Message(
                $pass[0]->fibre->isElastic()
                ? 'tip-elastic'
                : 'tip-'.$draft->piece->habits->ending($pass[0]->fibre)->value,
                [
                    'thickness' => $pass[0]->thickness->written(Unit::Millimetre),
                    'count' => $pass[1],
                    'tip' => Length::ofMillimetres(20),
                ],
            ),
            sizes: ['thickness' => $pass[0]->thickness, 'tip' => Length::ofMillimetres(20)],
            tools: $pass[1] > 1 ? [Tool::Needle, Tool::Scissors] : [Tool::Scissors],
            lesson: 'tip',
        ), $passing)));
        $this->bench->need('body', 'tips');
        $this->bench->need('mount', 'tips');
        $this->bench->need('join', 'tips');
    }

    /**
     * Returns what a run takes of each end.
     *
     * @param int|null $half whose ends take it, its own when null
     *
     * @return list<Spent>
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
     * Returns the ends that tie a run.
     *
     * @return list<End>
     */
    protected function ties(WorkRun $run): array
    {
        $ends = [];
        foreach ($this->lanesOf($run->half) as $lane => $some) {
            if (true === ($run->element->takes[$lane] ?? null)?->ties()) {
                array_push($ends, ...$some);
            }
        }

        return $ends;
    }

    /**
     * Returns whether several cords that tie a knot in themselves tie one of all.
     */
    protected function tiesAll(): bool
    {
        return true;
    }

    /**
     * Returns the ends that a run is tied around.
     *
     * @return list<End>
     */
    protected function around(WorkRun $run): array
    {
        return Manner::Own === $run->element->knot?->manner() ? [] : $this->carry($run);
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
     * Returns beads as they are said in a row: "3 pip, plum", "12 × (sky, sun)".
     *
     * @param list<string> $names
     */
    protected static function told(array $names, ?WorkRun $run = null): string
    {
        if (null !== $run?->element->letter) {
            return (string) $run->element->name.' '.implode(' ', array_map(
                static fn (Element $element): string => (string) $element->letter,
                $run->elements,
            ));
        }
        $count = \count($names);
        for ($period = 2; 2 * $period <= $count; ++$period) {
            $turn = \array_slice($names, 0, $period);
            if (0 === $count % $period && $names === array_merge(...array_fill(0, intdiv($count, $period), $turn))
                && \count(array_unique(\array_slice($names, 0, $period))) > 1) {
                return intdiv($count, $period).' × ('.self::told(\array_slice($names, 0, $period)).')';
            }
        }
        [$said, $last, $times] = [[], null, 0];
        foreach ([...$names, null] as $name) {
            if ($name === $last) {
                ++$times;
                continue;
            }
            if (null !== $last) {
                $said[] = 1 === $times ? $last : $times.' '.$last;
            }
            [$last, $times] = [$name, 1];
        }

        return implode(', ', $said);
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
