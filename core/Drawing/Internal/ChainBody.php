<?php

declare(strict_types=1);

namespace Rinkel\Core\Drawing\Internal;

use Rinkel\Core\Construction\Draft;
use Rinkel\Core\Drawing\DrawnCord;
use Rinkel\Core\Drawing\DrawnFinding;
use Rinkel\Core\Drawing\EndCord;
use Rinkel\Core\Drawing\Scene;
use Rinkel\Core\Drawing\SceneFrame;
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
        $parts = new SceneParts();
        $ways = array_fill_keys($this->roles, [[-1.0, 0.0], [0.0, 0.0]]);
        foreach ($this->draft->setting->starts() as $i => $start) {
            $element = $this->draft->setting->elements[$i];
            $finding = $this->draft->piece->findings[$element->name] ?? null;
            if (ElementKind::Link !== $element->kind || null === $finding) {
                continue;
            }
            $isBeneath = 0 === \count($parts->findings) % 2;
            $x = $start - $finding->wire()->millimetres;
            $parts->finding(new DrawnFinding($finding, $x, 0, beneath: $isBeneath));
            foreach ($this->roles as $which => $role) {
                $side = ($isBeneath ? -1 : 1) * (0 === $which ? 1 : -1);
                $ways[$role][] = [
                    $start + $element->extent->length->millimetres / 2,
                    $side * 0.3 * $finding->width->millimetres,
                ];
            }
        }
        foreach ($this->roles as $role) {
            $parts->cord(...$this->laces($role, $ways[$role]));
        }

        return $parts->scene(
            new SceneFrame(left: 0, right: $this->draft->body()->millimetres, height: $this->height() + 2),
            $this->stretches(),
        );
    }

    /**
     * Returns the cords of a role side by side on their way through the links.
     *
     * @param non-empty-list<array{float, float}> $way
     *
     * @return list<DrawnCord>
     */
    private function laces(string $role, array $way): array
    {
        $use = $this->draft->piece->cord($role);
        $body = $this->draft->body()->millimetres;
        array_push($way, [$body, 0.0], [$body + 1, 0.0]);
        $cords = [];
        for ($k = 0; $k < $use->count; ++$k) {
            $aside = ($k - ($use->count - 1) / 2) * $use->cord->thickness->millimetres * 0.9;
            $curve = Curve::between(
                array_map(static fn (array $point): array => [$point[0], $point[1] + $aside], $way),
                3,
            );
            $cords[] = new DrawnCord($curve, $use->cord->thickness->millimetres, $use->cord->colour, $role);
        }

        return $cords;
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
