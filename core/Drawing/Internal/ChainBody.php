<?php

declare(strict_types=1);

namespace Rinkel\Core\Drawing\Internal;

use Rinkel\Core\Construction\Draft;
use Rinkel\Core\Drawing\DrawnCord;
use Rinkel\Core\Drawing\DrawnFinding;
use Rinkel\Core\Drawing\EndCord;
use Rinkel\Core\Drawing\Scene;
use Rinkel\Core\Geometry\Curve;
use Rinkel\Core\Line\ElementKind;

/**
 * A chain with cords through its links, from side to side: over one link and under the next.
 *
 * @internal
 */
final readonly class ChainBody extends Body
{
    /**
     * @param non-empty-list<string> $roles
     */
    public function __construct(
        Draft $draft,
        private array $roles,
    ) {
        parent::__construct($draft);
    }

    public function scene(): Scene
    {
        $body = $this->draft->body()->millimetres;
        [$cords, $links] = [[], []];
        $ways = array_fill_keys($this->roles, [[-1.0, 0.0], [0.0, 0.0]]);
        foreach ($this->draft->setting->starts() as $i => $start) {
            $element = $this->draft->setting->elements[$i];
            $finding = $this->draft->piece->findings[$element->name] ?? null;
            if (ElementKind::Link === $element->kind && null !== $finding) {
                $links[] = new DrawnFinding(
                    $finding,
                    $start - $finding->wire()->millimetres,
                    0,
                    beneath: 0 === \count($links) % 2,
                );
                foreach ($this->roles as $which => $role) {
                    $side = (0 === \count($links) % 2 ? 1 : -1) * (0 === $which ? 1 : -1);
                    $ways[$role][] = [
                        $start + $element->length->millimetres / 2,
                        $side * 0.3 * $finding->width->millimetres,
                    ];
                }
            }
        }
        foreach ($this->roles as $role) {
            $use = $this->draft->piece->cord($role);
            array_push($ways[$role], [$body, 0.0], [$body + 1, 0.0]);
            for ($k = 0; $k < $use->count; ++$k) {
                $aside = ($k - ($use->count - 1) / 2) * $use->cord->thickness->millimetres * 0.9;
                $cords[] = new DrawnCord(
                    Curve::between(
                        array_map(static fn (array $point): array => [$point[0], $point[1] + $aside], $ways[$role]),
                        3,
                    ),
                    $use->cord->thickness->millimetres,
                    $use->cord->colour,
                    $role,
                );
            }
        }

        return new Scene(0, $body, $this->height() + 2, $cords, [], [], $links, $this->stretches());
    }

    public function ends(): array
    {
        $ends = [];
        foreach ($this->roles as $role) {
            $use = $this->draft->piece->cord($role);
            for ($k = 0; $k < $use->count; ++$k) {
                $ends[] = new EndCord(
                    ($k - ($use->count - 1) / 2) * $use->cord->thickness->millimetres,
                    $use->cord->thickness->millimetres,
                    $use->cord->colour,
                    $role,
                );
            }
        }

        return [] === $ends ? [
            new EndCord(0, 1, $this->draft->piece->cord($this->roles[0])->cord->colour, $this->roles[0]),
        ] : $ends;
    }
}
