<?php

declare(strict_types=1);

namespace Rinkel\Core\Making\Way;

use Rinkel\Core\Knot\Kind\Overhand;
use Rinkel\Core\Line\Element;
use Rinkel\Core\Line\ElementKind;
use Rinkel\Core\Making\Deed;
use Rinkel\Core\Making\Half;
use Rinkel\Core\Making\Move;
use Rinkel\Core\Making\Run;
use Rinkel\Core\Making\Step;
use Rinkel\Core\Making\Tool;
use Rinkel\Core\Making\Way;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Said;

/**
 * A net around a stone, from the linked loops at its bottom up; above it a bead that locks it, and the two braids.
 */
final readonly class NetWay extends Way
{
    protected function opening(array $closure): array
    {
        $cords = $this->plan->draft->piece->cord('mesh')->count;

        return [
            Step::plain(
                Deed::Fix,
                'link-loops',
                ['count' => $cords, 'ends' => 2 * $cords],
                [Tool::Board, Tool::Pins],
                'mesh',
            ),
        ];
    }

    /**
     * The net first, then what lies on one side of it and on the other, from the net outwards.
     */
    protected function halves(): array
    {
        $setting = $this->plan->draft->setting;
        $middle = array_keys(array_filter(
            array_column($setting->elements, 'kind'),
            static fn (ElementKind $kind): bool => ElementKind::Net === $kind || ElementKind::Focal === $kind,
        ));

        return Half::around($setting, $middle[0] ?? 0, \count($middle));
    }

    protected function body(): array
    {
        $rows = [];
        $lock = null;
        foreach ($this->plan->draft->setting->elements as $element) {
            if (ElementKind::Net === $element->kind) {
                $rows[] = $this->row($element, \count($rows) + 1);
            } elseif (ElementKind::Focal === $element->kind) {
                $lock = $element;
            }
        }

        return [
            ...$rows,
            Step::plain(Deed::Try, 'try-stone', look: 'look-stone'),
            ...(null === $lock ? [] : [$this->focal($lock, $this->plan->draft->body()->millimetres / 2)]),
            ...parent::body(),
        ];
    }

    protected function woven(Run $run, Length $bare): array
    {
        return [new Step(
            Deed::Weave,
            new Said('braid', ['due' => $run->length()]),
            [Move::deed()],
            1,
            'mesh',
            from: $run->from,
            due: $run->due(),
            at: $run->at,
            along: $run->along(),
        )];
    }

    /**
     * Returns one round of knots: neighbours are tied together, in each row other ones than in the row before.
     */
    private function row(Element $net, int $number): Step
    {
        $knots = $this->plan->draft->piece->cord('mesh')->count;

        return new Step(
            Deed::Weave,
            new Said('net-row', [
                'row' => $number,
                'count' => $knots,
                'every' => $net->takes['mesh']->straight ?? Length::zero(),
                'pairs' => 1 === $number ? 'first' : 'next',
            ]),
            [Move::knot((new Overhand())->word())],
            $knots,
            'mesh',
            look: new Said('look-net'),
            tools: [Tool::Pins],
            lesson: (new Overhand())->word(),
        );
    }
}
