<?php

declare(strict_types=1);

namespace Rinkel\Core\Drawing\Internal;

use Rinkel\Core\Drawing\DrawnBead;
use Rinkel\Core\Drawing\DrawnCord;
use Rinkel\Core\Drawing\DrawnFinding;
use Rinkel\Core\Drawing\DrawnPart;
use Rinkel\Core\Drawing\HangingScene;
use Rinkel\Core\Drawing\Placed;
use Rinkel\Core\Drawing\Scene;
use Rinkel\Core\Drawing\SceneFrame;

/**
 * What is drawn of a body so far.
 *
 * @internal
 */
final class SceneParts
{
    /** @var list<DrawnCord> */
    public array $cords = [];

    /** @var list<Placed> */
    public array $placed = [];

    /** @var list<DrawnBead> */
    public array $beads = [];

    /** @var list<DrawnFinding> */
    public array $findings = [];

    /** @var list<HangingScene> */
    public array $hanging = [];

    public function cord(DrawnCord ...$cords): void
    {
        array_push($this->cords, ...array_values($cords));
    }

    public function place(Placed ...$placed): void
    {
        array_push($this->placed, ...array_values($placed));
    }

    public function bead(?DrawnBead ...$beads): void
    {
        array_push($this->beads, ...array_values(array_filter($beads)));
    }

    public function finding(?DrawnFinding ...$findings): void
    {
        array_push($this->findings, ...array_values(array_filter($findings)));
    }

    /**
     * @param list<DrawnPart> $stretches
     */
    public function scene(SceneFrame $frame, array $stretches = []): Scene
    {
        return new Scene(
            $frame,
            $this->cords,
            $this->placed,
            $this->beads,
            $this->findings,
            $stretches,
            $this->hanging,
        );
    }
}
