<?php

declare(strict_types=1);

namespace Rinkel\App\Lesson;

use Rinkel\App\Knots\OwnKnots;
use Rinkel\App\Settings\Custom;
use Rinkel\App\Settings\Preferences;
use Rinkel\Core\Knot\Side;
use Rinkel\Core\Lesson\Lesson;
use Rinkel\Core\Lesson\Lessons;

/**
 * Lessons by their maker's hand: some go by the side on which a piece begins, the others by the hand they work with.
 */
final readonly class Hands
{
    public function __construct(private Preferences $preferences, private OwnKnots $knots) {}

    /**
     * Returns all that can be learnt, with the knots that were drawn here.
     */
    public function lessons(): Lessons
    {
        return Lessons::all()->with(...$this->knots->known());
    }

    /**
     * @param Side|null    $begins on which side a piece begins, what they usually do when null
     * @param Lessons|null $of     among which it is; among all when null
     */
    public function lesson(string $id, ?Side $begins = null, ?Lessons $of = null): ?Lesson
    {
        $begins ??= Side::tryFrom($this->preferences->all()['side']) ?? Side::Left;
        // What is drawn first is of a right-handed maker, and of one who begins with the left cord.
        $works = 'left' === $this->preferences->custom(Custom::Hand) ? Side::Right : Side::Left;

        return ($of ?? $this->lessons())->named($id, Lessons::goesBySide($id) ? $begins : $works);
    }
}
