<?php

declare(strict_types=1);

namespace Rinkel\App\Paper;

use Rinkel\App\Document\DesignsFile;
use Rinkel\App\Document\StepsDocument;
use Rinkel\App\Lesson\Cords;
use Rinkel\App\Lesson\Hands;
use Rinkel\App\Sizes\RequestedSizes;
use Rinkel\App\Sizes\SizesRequest;
use Rinkel\Core\Cutting\Cut;
use Rinkel\Core\Lesson\Lessons;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Plan\Plan;
use Rinkel\Core\Remark\Severity;
use Rinkel\Core\Sizing\Kit;
use Rinkel\Core\Sizing\KitPart;
use Rinkel\Core\Sizing\Sized;
use Rinkel\Core\Svg\PieceDrawing;

/**
 * The paper of a design in sizes: its table, the labels of a kit's bags, and how it is made, for somebody who has no
 * Rinkel.
 */
final readonly class KitPaper
{
    private const LABEL = [58.0, 27.0];

    public function __construct(
        private Words $words,
        private StepsDocument $steps,
        private LessonPaper $lessons,
        private Hands $hands,
        private DesignsFile $designs,
    ) {}

    public function table(SizesRequest $asked, RequestedSizes $asking): string
    {
        [$sizes, $unit, $name] = self::of($asked);
        $page = $this->words->page($name, true);
        $page->title($name, $this->words->of('sizes.title'));
        $page->table(
            $this->head($sizes),
            array_map(fn (Sized $one): array => $this->row($one, $asking, $unit), $sizes),
        );
        $this->attach($page, $sizes);

        return $page->pdf();
    }

    /**
     * Returns a label for the bag of each material.
     */
    public function labels(SizesRequest $asked, RequestedSizes $asking): string
    {
        [, $unit, $name] = self::of($asked);
        $page = $this->words->page($name);
        $page->title($this->words->of('kit.labels'), $name);
        [$width, $height] = self::LABEL;
        foreach (self::parts($asked) as $i => $part) {
            $column = $i % 3;
            if (0 === $column) {
                $page->need($height);
            }
            $page->label(
                $column * ($width + 2),
                $width,
                $height,
                [$this->much($part, $unit), ...$this->what($part, $unit), $name.'. '.$this->words->of('kit.any-hand')],
            );
            if (2 === $column) {
                $page->setY($page->GetY() + $height + 2);
            }
        }

        return $page->pdf();
    }

    /**
     * Returns how it is made in any of the sizes: what is in the kit, which size is whose, and every step; where sizes
     * differ, each says its own.
     */
    public function instructions(SizesRequest $asked, RequestedSizes $asking): string
    {
        [$sizes, $unit, $name] = self::of($asked);
        $page = $this->words->page($name);
        $page->title($name, $this->words->of('kit.lead'));
        $page->heading($this->words->of('kit.contents'));
        foreach (self::parts($asked) as $part) {
            $page->tick(
                implode(', ', $this->what($part, $unit)),
                $this->much($part, $unit),
                colour: $this->words->colour($part->what instanceof Cut ? $part->what->cord : $part->what->what),
            );
        }
        $page->heading($this->words->of('sizes.title'));
        $page->table(
            $this->head($sizes),
            array_map(fn (Sized $one): array => $this->row($one, $asking, $unit), $sizes),
        );
        $middle = $sizes[intdiv(\count($sizes), 2)] ?? $sizes[0];
        $page->heading($this->words->of('paper.true-size').', '.$asking->label($middle->size, $unit));
        $page->strips(
            (new PieceDrawing($middle->plan, 'kit'))->trueSize($name),
            fn (int $i, int $of): string => $this->words->of('paper.strip', ['strip' => $i, 'of' => $of]),
        );
        $page->heading($this->words->of('paper.steps'));
        $this->steps($page, $sizes, $asking, $unit);
        $this->lessons($page, $middle->plan);
        $page->heading($this->words->of('paper.remarks'));
        foreach ($middle->plan->checks as $check) {
            if (Severity::Caution === $check->severity) {
                $page->text9($this->words->of('severity.caution').': '.$this->words->wording->check($check, $unit));
            }
        }
        $this->attach($page, $sizes);

        return $page->pdf();
    }

    /**
     * Attaches the piece of each size, without what belongs to a wearer or to its maker's hand: the paper leaves the
     * house.
     *
     * @param list<Sized> $sizes
     */
    private function attach(Page $page, array $sizes): void
    {
        $page->attach(...array_map(
            fn (Sized $one): array => $this->designs->anybodys($one->plan->draft->piece->decided()),
            $sizes,
        ));
    }

    /**
     * Adds every knot and finish that is done in it, as the piece begins and in its colours.
     */
    private function lessons(Page $page, Plan $plan): void
    {
        $piece = $plan->draft->piece;
        $lessons = Lessons::forPiece($piece);
        foreach ($lessons->taught($plan->acts()->all) as $id) {
            $lesson = $this->hands->lesson($id, $piece->habits->tying->side, $lessons);
            if (null !== $lesson) {
                $this->lessons->add($page, $lesson, Cords::colours($piece));
            }
        }
    }

    /**
     * @return array{non-empty-list<Sized>, Unit, string}
     */
    private static function of(SizesRequest $asked): array
    {
        $all = $asked->sizes->all ?? [];

        return [
            [] === $all ? throw new \LogicException('There are sizes.') : $all,
            $all[0]->plan->draft->piece->unit,
            self::design($all[0]->plan),
        ];
    }

    /**
     * Returns what the design is called, without the size.
     */
    private static function design(Plan $plan): string
    {
        return preg_replace('/, [^,]*$/u', '', $plan->draft->piece->name) ?? $plan->draft->piece->name;
    }

    /**
     * @return list<KitPart>
     */
    private static function parts(SizesRequest $asked): array
    {
        $kit = null === $asked->sizes ? null : Kit::of($asked->sizes);

        return [...($kit->cords ?? []), ...($kit->things ?? [])];
    }

    private function much(KitPart $part, Unit $unit): string
    {
        return $part->what instanceof Cut
            ? $part->what->count.' × '.$this->words->length($part->what->length, $unit)
            : $part->what->count.' ×';
    }

    /**
     * @return list<string>
     */
    private function what(KitPart $part, Unit $unit): array
    {
        if ($part->what instanceof Cut) {
            return [
                $this->words->wording->role($part->what->role),
                $this->words->wording->material($part->what->cord, $unit),
            ];
        }
        $letters = [] === $part->letters ? [] : [$this->words->letters($part->letters)];

        return [
            implode(', ', $part->what->names),
            $this->words->wording->material($part->what->what, $unit),
            ...$letters,
        ];
    }

    /**
     * @param non-empty-list<Sized> $sizes
     *
     * @return list<string>
     */
    private function head(array $sizes): array
    {
        return [
            $this->words->of('sizes.size'),
            $this->words->of('table.inside'),
            $this->words->of('figure.body'),
            $this->words->of('sizes.repeats'),
            ...array_map(fn (Cut $cut): string => $this->words->wording->role($cut->role), $sizes[0]->plan->cuts),
            ...array_map(strval(...), array_keys($sizes[0]->plan->beads)),
        ];
    }

    /**
     * @return list<string>
     */
    private function row(Sized $one, RequestedSizes $asking, Unit $unit): array
    {
        $draft = $one->plan->draft;

        return [
            $asking->label($one->size, $unit),
            $this->words->length($draft->closed(), $unit).($draft->closed()->equals($draft->open())
                ? ''
                : ' – '.$this->words->length($draft->open(), $unit)),
            $this->words->length($draft->body(), $unit),
            implode(', ', array_map(strval(...), $draft->setting->counts)),
            ...array_map(
                fn (Cut $cut): string => $cut->count.' × '.$this->words->toCut($cut->length, $unit),
                $one->plan->cuts,
            ),
            ...array_map(strval(...), array_values($one->plan->beads)),
        ];
    }

    /**
     * @param non-empty-list<Sized> $sizes
     */
    private function steps(Page $page, array $sizes, RequestedSizes $asking, Unit $unit): void
    {
        $all = array_map(fn (Sized $one): array => $this->steps->lines($one->plan), $sizes);
        $isAlike = 1 === \count(array_unique(array_map(count(...), $all)));
        foreach ($isAlike ? $all[0] : [] as $i => [$number, $said, $due, $look]) {
            $own = array_unique(array_map(
                static fn (array $lines): string => trim(
                    $lines[$i][1].('' === $lines[$i][2] ? '' : ' → '.$lines[$i][2]),
                ),
                $all,
            ));
            if (1 === \count($own)) {
                $page->tick($number.'. '.$said, '' === $due ? '' : '→ '.$due, $look);
                continue;
            }
            $each = [];
            foreach ($all as $which => $lines) {
                $each[] = $asking->label($sizes[$which]->size, $unit).': '.$lines[$i][1]
                    .('' === $lines[$i][2] ? '' : ' → '.$lines[$i][2]);
            }
            $page->tick($number.'. '.implode("\n", $each), '', $look);
        }
        foreach ($isAlike ? [] : $all as $which => $lines) {
            $page->text9($asking->label($sizes[$which]->size, $unit), true);
            foreach ($lines as [$number, $said, $due, $look]) {
                $page->tick($number.'. '.$said, '' === $due ? '' : '→ '.$due, $look);
            }
        }
    }
}
