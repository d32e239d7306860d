<?php

declare(strict_types=1);

namespace Rinkel\Core\Plan\Internal;

use Rinkel\Core\Construction\Draft;
use Rinkel\Core\Line\Element;
use Rinkel\Core\Line\ElementKind;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Plan\Figure;
use Rinkel\Core\Remark\Step;

/**
 * How far apart things are on a piece with bare cord between them: bare, as one cuts it, and from centre to centre, as
 * one marks it.
 *
 * @internal
 */
final readonly class Spacing
{
    public function __construct(private Draft $draft) {}

    /**
     * @return list<Figure> none where no bare cord is
     */
    public function figures(): array
    {
        $gaps = [];
        $elements = array_values(array_filter(
            $this->draft->setting->elements,
            static fn (Element $element): bool => !$element->seat->hangs,
        ));
        foreach ($elements as $i => $element) {
            if (ElementKind::Bare !== $element->kind || $element->extent->length->isZero()) {
                continue;
            }
            [$before, $after] = [$elements[$i - 1] ?? null, $elements[$i + 1] ?? null];
            $centres = null === $before || null === $after ? null : $element->extent->length->plus(
                $before->extent->length->plus($after->extent->length)->times(0.5),
            );
            $key = \sprintf('%.2f %.2f', $element->extent->length->millimetres, $centres->millimetres ?? -1);
            $gaps[$key] = [($gaps[$key][0] ?? 0) + 1, $element->extent->length, $centres];
        }
        if ([] === $gaps) {
            return [];
        }
        usort($gaps, static fn (array $gap, array $other): int => $other[0] <=> $gap[0]);

        return [new Figure('gap', $gaps[0][1], array_map(static fn (array $gap): Step => new Step('gaps', [
            'count' => $gap[0],
            'gap' => $gap[1],
            'between' => null === $gap[2] ? 'no' : 'yes',
            'centres' => $gap[2] ?? Length::zero(),
        ]), $gaps))];
    }
}
