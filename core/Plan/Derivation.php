<?php

declare(strict_types=1);

namespace Rinkel\Core\Plan;

use Rinkel\Core\Construction\Draft;
use Rinkel\Core\Cutting\Cut;
use Rinkel\Core\Fit\BodyPlace;
use Rinkel\Core\Fit\Drape;
use Rinkel\Core\Fit\Measured;
use Rinkel\Core\Knot\HalfKnot;
use Rinkel\Core\Line\Element;
use Rinkel\Core\Line\ElementKind;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Measure\WrittenLength;
use Rinkel\Core\Message;
use Rinkel\Core\Plan\Internal\Runs;
use Rinkel\Core\Plan\Internal\Schools;
use Rinkel\Core\Plan\Internal\Spacing;
use Rinkel\Core\Remark\Step;
use Rinkel\Core\Work\Sheet;

/**
 * How every figure of a planned piece comes about.
 *
 * @internal
 */
final readonly class Derivation
{
    /** Makers cut each half of a working cord so many times the band (common practice). */
    public const TIMES_BAND = 6;

    /** A lace so many times its chain, and each group of a braid so many times the wrist (common practice). */
    public const TIMES_CHAIN = 2;
    public const TIMES_WRIST = 4;

    /** By so much, in mm, a drop is other by build and posture, and a strand by neck and weight (judgement). */
    private const DROP_VARIES = 20.0;
    private const STRAND_VARIES = 10.0;

    public function __construct(
        private Draft $draft,
        private Sheet $sheet,
    ) {}

    /**
     * @return array<string, Figure> by key
     */
    public function figures(): array
    {
        $figures = [
            $this->wished(),
            $this->thickness(),
            $this->body(),
            $this->closure(),
            $this->inside('closed', $this->draft->closed(), $this->draft->fastened->span->narrow),
            $this->inside('open', $this->draft->open(), $this->draft->fastened->span->wide),
            ...array_map($this->cut(...), $this->sheet->cuts),
        ];
        if (null !== $this->draft->fastened->span->tail) {
            $figures[] = new Figure('tail', $this->draft->fastened->span->tail, $this->draft->fastened->steps);
        }

        return array_column(
            [
                ...$figures,
                ...(new Spacing($this->draft))->figures(),
                ...$this->hung(),
                ...$this->below(),
                ...$this->turned(),
                ...(new Schools($this->draft, $this->sheet->cuts))->figures(),
            ],
            null,
            'key',
        );
    }

    /**
     * Returns how far below the pit of the neck a necklace hangs.
     *
     * @return list<Figure>
     */
    private function hung(): array
    {
        if (BodyPlace::Neck !== $this->draft->piece->wearer->place) {
            return [];
        }
        $length = $this->draft->body()->plus($this->draft->wornGap());
        $wraps = $this->draft->piece->wraps;
        $turn = $length->times(1 / $wraps);
        $drape = $this->draft->piece->drape($turn);
        $style = Drape::style($length);

        return [
            new Figure(
                'drop',
                $drape->drop(),
                [
                    new Step(
                        'drop',
                        [
                            'length' => $length,
                            'neck' => $this->draft->piece->wearer->skin(),
                            'drop' => $drape->drop(),
                            'about' => Length::ofMillimetres(self::DROP_VARIES),
                            'style' => '' === $style ? 'none' : $style,
                            'wraps' => $wraps,
                            'turn' => $turn,
                        ],
                    ),
                ],
            ),
        ];
    }

    /**
     * Returns how long each strand is that hangs below the first.
     *
     * @return list<Figure>
     */
    private function below(): array
    {
        $figures = [];
        foreach ($this->draft->layers as $i => $layer) {
            $figures[] = new Figure('strand-'.($i + 2), $layer->setting->length, [new Step('strand', [
                'strand' => $i + 2,
                'about' => Length::ofMillimetres(self::STRAND_VARIES),
                'hangs' => $layer->hangs,
                'longer' => $layer->longer,
                'first' => $this->draft->body(),
                'length' => $layer->setting->length,
            ])]);
        }

        return $figures;
    }

    /**
     * Returns how often a spiral turns, and by how much each half knot turns what is tied next to it.
     *
     * @return list<Figure>
     */
    private function turned(): array
    {
        $twists = array_map(
            static fn (Element $element): int => $element->knot?->twist() ?? 0,
            $this->draft->setting->elements,
        );
        $halves = array_sum($twists);
        $all = array_sum(array_map(abs(...), $twists));
        if (0 === $all) {
            return [];
        }
        $perTurn = HalfKnot::perTurn($this->draft->piece->cords['core']->count ?? 1);

        return [
            new Figure(
                'spiral',
                round($all / $perTurn, 1),
                [
                    new Step(
                        'spiral',
                        [
                            'knots' => $all,
                            'perTurn' => $perTurn,
                            'turns' => round($all / $perTurn, 1),
                            'degrees' => (int) round(360 / $perTurn),
                            'left' => match (true) {
                                abs($halves) < $all => 'both',
                                $halves >= 0 => 'left',
                                default => 'right',
                            },
                        ],
                    ),
                ],
            ),
        ];
    }

    private function wished(): Figure
    {
        $piece = $this->draft->piece;
        $wished = $this->draft->wished();
        $steps = [match (true) {
            null !== $piece->length => new Step('wished-length', ['length' => $piece->length]),
            null !== $piece->askedLength() => new Step(
                'wished-drop',
                [
                    'drop' => $piece->drop ?? Length::zero(),
                    'wraps' => $piece->wraps,
                    'neck' => $piece->wearer->skin(),
                    'length' => $piece->askedLength(),
                ],
            ),
            Measured::Snug === $piece->wearer->measured => new Step(
                'wished-snug',
                ['wrist' => $piece->wearer->girth, 'ease' => $piece->ease, 'wished' => $wished],
            ),
            default => new Step('wished-comfortable', ['wished' => $wished]),
        }];
        if ($piece->wraps > 1) {
            $steps[] = new Step('wraps', ['wraps' => $piece->wraps, 'laid' => $this->draft->ring->wished()]);
        }

        return new Figure('wished', $wished, $steps);
    }

    private function thickness(): Figure
    {
        $profile = $this->draft->ring->profile;
        $lift = $this->draft->ring->lift($this->draft->worn());
        $steps = [new Step('thickness', [
            'thickness' => $profile->thin->written(Unit::Millimetre),
            'bend' => $profile->thin->times(\M_PI)->written(Unit::Millimetre),
        ])];
        if ($lift->isLongerThan(Length::ofMillimetres(0.05))) {
            $steps[] = new Step('thickness-lift', [
                'thick' => $profile->thick->written(Unit::Millimetre),
                'lift' => $lift->written(Unit::Millimetre),
            ]);
        }

        return new Figure('thickness', $profile->thick, $steps);
    }

    private function body(): Figure
    {
        $draft = $this->draft;
        $more = $draft->setting->more;

        return new Figure('body', $draft->body(), [
            $this->goal(),
            ...$this->made(),
            ...(0 === $draft->setting->parts ? [] : [new Step('body-broken', ['parts' => $draft->setting->parts])]),
            ...(0 === $more ? [] : [
                new Step('body-filled', ['count' => abs($more), 'way' => $more > 0 ? 'more' : 'fewer']),
            ]),
            ...array_map(static fn (CountRange $range): Step => new Step('body-range', [
                'count' => $range->count,
                'least' => $range->least,
                'most' => $range->most,
                'body' => $draft->body(),
            ]), array_values(array_filter(
                (new Runs($draft))->ranges(),
                static fn (CountRange $range): bool => !$range->isSure(),
            ))),
            new Step('body-length', [
                'body' => $draft->body(),
                'over' => $draft->setting->over->absolute(),
                'side' => $draft->setting->over->isNegative() ? 'short' : 'over',
            ]),
        ]);
    }

    /**
     * Returns how long it is to be.
     */
    private function goal(): Step
    {
        $draft = $this->draft;
        $shows = $draft->piece->closure->reach->shows;

        return new Step('body-goal', [
            'goal' => $draft->goal,
            'skin' => $draft->piece->wearer->skin(),
            'wished' => $draft->wished(),
            'slides' => match (true) {
                !$draft->fastened->kind->slides() => 'no',
                null !== $shows => 'shows',
                default => 'yes',
            },
            'shows' => $shows?->said($draft->piece->unit) ?? '',
        ]);
    }

    /**
     * Returns what its knots, beads and bare cord make of it, kind by kind.
     *
     * @return list<Step>
     */
    private function made(): array
    {
        $draft = $this->draft;
        $steps = [];
        foreach ($this->kinds() as [$count, $element]) {
            if ($element->extent->length->isZero()) {
                continue;
            }
            $steps[] = new Step(match (true) {
                $element->isBead(), ElementKind::Focal === $element->kind => 'body-beads',
                ElementKind::Bare === $element->kind => 'body-gaps',
                default => 'body-knots',
            }, [
                'what' => $element->name ?? $element->word(),
                'count' => $count,
                'each' => WrittenLength::fine($element->extent->length),
                'together' => $element->extent->length->times($count),
                'source' => match (true) {
                    $element->isSampledIn($this->draft->piece->knots()) => 'sample',
                    $draft->piece->hand->told > 0 => 'hand',
                    default => 'model',
                },
                'told' => $draft->piece->hand->told,
            ]);
        }

        return $steps;
    }

    private function closure(): Figure
    {
        return new Figure('closure', $this->draft->fastened->span->narrow, $this->draft->fastened->steps);
    }

    private function inside(string $key, Length $inside, Length $gap): Figure
    {
        $bend = $this->draft->body()->plus($gap)->times(1 / $this->draft->piece->wraps)->minus($inside);

        return new Figure($key, $inside, [new Step($this->draft->piece->wraps > 1 ? 'inside-wraps' : 'inside', [
            'body' => $this->draft->body(),
            'gap' => $gap,
            'bend' => $bend->absolute(),
            'bends' => $bend->millimetres < 0.0 ? 'out' : 'in',
            'inside' => $inside,
            'wraps' => $this->draft->piece->wraps,
        ])]);
    }

    private function cut(Cut $cut): Figure
    {
        $steps = [];
        foreach ($cut->parts as $part => $length) {
            $steps[] = new Step('cut-'.$part, ['length' => $length] + $this->behind($cut, $part));
        }

        return new Figure('cut-'.$cut->role, $cut->length, $steps);
    }

    /**
     * @return array<string, Length|WrittenLength|int|float|string|list<Message>>
     */
    private function behind(Cut $cut, string $part): array
    {
        return match ($part) {
            'straight' => ['halves' => $cut->parting->folded ? 2 : 1],
            'knots' => ['halves' => $cut->parting->folded ? 2 : 1, 'kinds' => $this->kindsIn($cut)],
            'closure' => [
                'tail' => $this->draft->fastened->span->tail ?? $this->draft->fastened->span->narrow,
                'kind' => $this->draft->fastened->kind->id(),
            ],
            'ends' => ['ends' => 2],
            'margin' => ['percent' => $cut->margin->percent, 'pieces' => $cut->margin->oneIn],
            'rounding' => ['cut' => $cut->length],
            default => [],
        };
    }

    /**
     * @return list<Message> of each kind of knot how many, and what one of them takes
     */
    private function kindsIn(Cut $cut): array
    {
        $kinds = [];
        foreach ($this->sheet->knotsOf($cut) as [$knot, $count, $each]) {
            $each = WrittenLength::fine(Length::ofMillimetres($each));
            $kinds[] = new Message('knots-each', ['count' => $count, 'knot' => $knot, 'each' => $each]);
        }

        return $kinds;
    }

    /**
     * Returns what the line is made of: of each kind and length how many, and one of them.
     *
     * @return list<array{int, Element}>
     */
    private function kinds(): array
    {
        $kinds = [];
        foreach ($this->draft->setting->elements as $element) {
            $key = ($element->isBead() ? $element->name : $element->word()).' '.round(
                $element->extent->length->millimetres,
                6,
            );
            $kinds[$key] = [($kinds[$key][0] ?? 0) + 1, $kinds[$key][1] ?? $element];
        }

        return array_values($kinds);
    }
}
