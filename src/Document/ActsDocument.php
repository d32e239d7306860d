<?php

declare(strict_types=1);

namespace Rinkel\App\Document;

use Rinkel\App\Platform\Wording\Wording;
use Rinkel\Core\Closure\Kind\DoubleBarrel;
use Rinkel\Core\Line\ElementKind;
use Rinkel\Core\Material\Fibre;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Plan\Plan;
use Rinkel\Core\Work\Act;
use Rinkel\Core\Work\ActKind;
use Rinkel\Core\Work\End;
use Rinkel\Core\Work\Landmark;
use Rinkel\Core\Work\Part;
use Rinkel\Core\Work\WorkCord;

/**
 * All that hands do to make a piece, act by act, as a document (docs/acts.schema.json): which ends of which cords,
 * around or through what, with which beads and findings, from which place, and what it takes; for whoever checks a
 * sheet by doing what it says.
 */
final readonly class ActsDocument
{
    public const FORMAT = 'rinkel-acts';
    public const VERSION = 1;

    public function __construct(private Wording $wording) {}

    /**
     * @return array<string, mixed>
     */
    public function of(Plan $plan): array
    {
        $piece = $plan->draft->piece;
        $pool = $this->things($plan);
        $acts = [];
        foreach ($plan->acts()->all as $i => $act) {
            $acts[] = ['n' => $i + 1] + $this->act($act, $piece->unit, $pool);
        }
        foreach ($plan->acts()->rounds() as $number => $round) {
            for ($i = 0; $round->times > 1 && $i < $round->length * $round->times; ++$i) {
                $time = 1 + intdiv($i, $round->length);
                $acts[$round->from + $i]['round'] = ($number + 1).': '.$time.' of '.$round->times;
            }
        }

        return [
            'format' => self::FORMAT,
            'version' => self::VERSION,
            'piece' => $piece->name,
            'construction' => $piece->construction,
            'closure' => $plan->draft->fastened->kind->id(),
            'habits' => $this->habits($plan),
            'has' => $this->has($plan),
            'cords' => array_map(fn (WorkCord $cord): array => $this->cord($plan, $cord), $plan->sheet->cords),
            'things' => $this->allThings($plan),
            'acts' => $acts,
        ];
    }

    /**
     * @return list<string> schools that were chosen
     */
    private function habits(Plan $plan): array
    {
        $habits = $plan->draft->piece->habits;
        $isLast = $habits->order->working->isLast() || $plan->draft->fastened->kind instanceof DoubleBarrel;

        return array_values(array_filter([
            $isLast ? 'working-ends-last' : '',
            $habits->order->stops->isFirst() ? 'stops-first' : '',
            $habits->order->button->isLast() ? 'button-last' : '',
            $habits->order->button->isLast() ? 'loop-first' : '',
        ], static fn (string $habit): bool => '' !== $habit));
    }

    /**
     * Returns the kinds of things that are in the piece: a sentence may speak of no other.
     *
     * @return list<string>
     */
    private function has(Plan $plan): array
    {
        $has = [];
        foreach ([...$plan->draft->piece->findings, ...$plan->draft->fastened->findings] as $finding) {
            $has[$finding->kind->value] = true;
        }
        foreach ($this->allThings($plan) as $thing) {
            $has[$thing['kind']] = $has[mb_strtolower($thing['name'])] = true;
        }
        $has += isset($has['link']) ? ['chain' => true] : [];
        $has += isset($has['crimp-cover']) ? ['crimp' => true] : [];
        $has += isset($has['fold-over-end']) || isset($has['cord-end']) ? ['fold-over' => true] : [];
        foreach ($plan->sheet->cords as $cord) {
            $has[$cord->task->value] = true;
            $fibre = $cord->material->fibre;
            $has += $fibre->isElastic() ? ['elastic' => true] : [];
            $has += Fibre::Leather === $fibre ? ['leather' => true] : [];
        }
        foreach ($plan->acts()->all as $act) {
            $has += ActKind::Stop === $act->does ? ['stop' => true] : [];
            $has += Part::Slider === $act->part ? ['slider' => true] : [];
        }

        return array_map(strval(...), array_keys($has));
    }

    /**
     * @return array<string, mixed>
     */
    private function cord(Plan $plan, WorkCord $cord): array
    {
        $cut = $plan->sheet->cutOf($cord);
        $ends = $cord->ends();
        $at = $cut->parting->at->millimetres;
        $spare = [];
        foreach ($ends as $end) {
            $has = $plan->sheet->lengthOf($end)->millimetres;
            $spare[$end->id] = round($has - $end->taken() - $end->held, 4);
        }

        return [
            'id' => $cord->id,
            'role' => $cord->task->value,
            'name' => $cord->role,
            'cut' => round($cut->length->millimetres, 4),
            ...($cord->handling->oneWay ? [] : [$cord->handling->folds ? 'fold' : 'begin' => round($at, 4)]),
            'ends' => self::ids($ends),
            'held' => array_column(
                array_map(static fn (End $end): array => [$end->id, round($end->held, 4)], $ends),
                1,
                0,
            ),
            'spare' => $spare,
            ...($cord->handling->isFree ? ['free' => self::ids($ends)] : []),
        ];
    }

    /**
     * @return list<array{id: string, kind: string, name: string}> beads and findings of the plan
     */
    private function allThings(Plan $plan): array
    {
        $all = [];
        foreach ($this->things($plan) as $things) {
            array_push($all, ...$things);
        }

        return $all;
    }

    /**
     * Returns what there is of each bead and finding, by its name.
     *
     * @return array<string, list<array{id: string, kind: string, name: string}>>
     */
    private function things(Plan $plan): array
    {
        $piece = $plan->draft->piece;
        $counts = [];
        foreach ($plan->draft->beads() as $name => $count) {
            $finding = isset($piece->beads[$name]) ? null : $piece->findings[$name] ?? null;
            $counts[] = [(string) $name, null === $finding ? 'bead' : $finding->kind->value, $count];
        }
        foreach ($plan->draft->setting->elements as $element) {
            if (ElementKind::Link === $element->kind) {
                $counts[] = [(string) $element->name, 'link', 1];
            }
        }
        foreach ($plan->draft->fastened->parts() as [$name, $finding]) {
            $counts[] = [$name, $finding->kind->value, 1];
        }
        [$things, $numbers] = [[], []];
        foreach ($counts as [$name, $kind, $count]) {
            for ($i = 0; $i < $count; ++$i) {
                $numbers[$kind] = ($numbers[$kind] ?? 0) + 1;
                $things[$name][] = ['id' => $kind.'.'.$numbers[$kind], 'kind' => $kind, 'name' => $name];
            }
        }

        return $things;
    }

    /**
     * @param array<string, list<array{id: string, kind: string, name: string}>> $pool from which it takes its things
     *
     * @return array<string, mixed>
     */
    private function act(Act $act, Unit $unit, array &$pool): array
    {
        $things = [];
        foreach ($act->stint->things as $name) {
            $thing = array_shift($pool[$name]);
            $things[] = $thing['id'] ?? $name;
        }
        $isHeld = ActKind::Mark === $act->does || ActKind::Pin === $act->does;

        return array_filter([
            'does' => $act->does->value,
            'part' => $act->part->value,
            'knot' => $act->stint->knot,
            'count' => null === $act->stint->knot ? null : (int) round($act->stint->ties()[$act->stint->knot] ?? 1),
            'what' => null === $act->stint->adds ? null : $act->stint->what,
            'cords' => array_map(static fn (WorkCord $cord): string => $cord->id, $act->care->cords),
            'by' => self::ids($act->grip->by),
            'around' => self::ids($act->grip->around),
            'through' => self::ids($act->grip->through),
            'things' => $things,
            'end' => self::ids($act->care->ends),
            'how' => $act->care->how?->value,
            'ends_as' => $act->care->endsAs,
            'takes' => self::takes($act),
            'adds' => null === $act->stint->adds ? null : round($act->stint->adds->millimetres, 6),
            'grows' => $act->stint->grows ? 'start' : null,
            $isHeld ? 'at_mark' : 'from' => array_map(self::mark(...), $act->spot->marks),
            'makes' => array_map(self::mark(...), $act->spot->makes),
            ...self::sizes($act),
            'minutes' => 0 === $act->minutes() ? null : $act->minutes(),
            'text' => $this->text($act, $unit),
        ], static fn (mixed $value): bool => null !== $value && [] !== $value);
    }

    /**
     * @return array<string, float> mm of each end, by its id
     */
    private static function takes(Act $act): array
    {
        $takes = [];
        foreach ($act->stint->takes as $spent) {
            $takes[$spent->end->id] = round(($takes[$spent->end->id] ?? 0.0) + $spent->total(), 6);
        }

        return $takes;
    }

    /**
     * @return array<string, float|list<float>> mm, those without a name of their own as figures
     */
    private static function sizes(Act $act): array
    {
        $sizes = [];
        foreach ($act->spot->sizes as $key => $length) {
            if (\in_array($key, ['distance', 'leaves', 'body', 'size', 'worn', 'opens', 'reach', 'length'], true)) {
                $sizes[$key] = round($length->millimetres, 6);
            } else {
                $sizes['figures'][] = round($length->millimetres, 6);
            }
        }

        return $sizes;
    }

    private function text(Act $act, Unit $unit): string
    {
        // As eleven sixteenths: a reader that takes "1 1/16" for one and a sixteenth would take the same of "11/16".
        return preg_replace('~(?<![\d/] )(?<!\d)(1\d/16)~', '0 $1', $this->wording->making($act->said, $unit)) ?? '';
    }

    /**
     * Returns a place by its name; a tip by that of its end.
     */
    private static function mark(Landmark $mark): string
    {
        return 'tip' === $mark->word ? 'tip:'.ltrim(substr($mark->id, 4)) : $mark->id;
    }

    /**
     * @param array<End> $ends
     *
     * @return list<string>
     */
    private static function ids(array $ends): array
    {
        return array_values(array_map(static fn (End $end): string => $end->id, $ends));
    }
}
