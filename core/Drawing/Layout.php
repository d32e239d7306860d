<?php

declare(strict_types=1);

namespace Rinkel\Core\Drawing;

use Rinkel\Core\Drawing\Internal\Body;
use Rinkel\Core\Drawing\Internal\LayersBody;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Plan\Plan;

/**
 * Lays a planned piece out in mm: open and flat, closed as it is worn, and its sliding closure at any gap.
 */
final readonly class Layout
{
    /** Marks of a drawing: more than that no page shows and no screen tells apart; worn each is bent by itself. */
    private const MOST = 4000;
    private const MOST_WORN = 2400;

    private Body $body;
    private EndParts $parts;
    private EndPicture $ends;

    /**
     * @param Pictures|null    $pictures of the knots; of all there are when null
     * @param EndPictures|null $ends     of the closures, likewise
     */
    public function __construct(
        private Plan $plan,
        private ?Pictures $pictures = null,
        ?EndPictures $ends = null,
    ) {
        $this->body = Body::of($plan->draft, false, $pictures);
        $this->parts = new EndParts($plan->draft, $this->body->ends());
        $this->ends = ($ends ?? EndPictures::all())->of($plan->draft->fastened->kind);
    }

    /**
     * Returns the piece lying open: the body from 0 to its length, the closure's parts beyond both ends.
     */
    public function flat(): Scene
    {
        return $this->ends->open($this->parts)
            ->with($this->body->scene()->with($this->body->charms())->thinned(self::MOST));
    }

    /**
     * Returns the piece as one turn of its line, in the order in which it lies on itself: the body, then the closure
     * between its end and its beginning.
     *
     * @param Length|null $gap between them, as it is worn when null
     *
     * @return array{Scene, Scene}
     */
    public function worn(?Length $gap = null): array
    {
        $body = Body::of($this->plan->draft, true, $this->pictures);

        return [
            $body->scene()->with($body->charms())->thinned(self::MOST_WORN),
            $this->ends->worn($this->parts, ($gap ?? $this->plan->draft->wornGap())->millimetres),
        ];
    }

    /**
     * Returns the strands that hang below the first as they are worn, each as one turn of its own line.
     *
     * @return list<Scene>
     */
    public function below(): array
    {
        return $this->body instanceof LayersBody ? array_map(
            static fn (Scene $scene): Scene => $scene->thinned(self::MOST_WORN),
            $this->body->below(),
        ) : [];
    }

    /**
     * Returns a sliding closure with the body's ends $gap mm apart, or null for a closure that does not slide.
     */
    public function sliding(float $gap): ?Scene
    {
        return $this->ends->sliding($this->parts, $gap);
    }
}
