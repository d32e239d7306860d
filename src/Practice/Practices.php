<?php

declare(strict_types=1);

namespace Rinkel\App\Practice;

use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;
use Rinkel\App\Lesson\LessonWords;
use Rinkel\App\Settings\Preferences;
use Rinkel\Core\Knot\Side;
use Rinkel\Core\Lesson\Lessons;
use Rinkel\Core\Message;
use Rinkel\Core\Practice\Exercises;
use Rinkel\Core\Practice\Question;

/**
 * A maker's practice, in the database: which exercise is due, and how it was answered.
 */
final readonly class Practices
{
    public function __construct(
        private EntityManagerInterface $manager,
        private ClockInterface $clock,
        private Preferences $preferences,
        private LessonWords $words,
    ) {}

    /**
     * @return array<string, StoredBox> by exercise, in the order in which they are met
     */
    public function boxes(): array
    {
        $boxes = [];
        foreach (array_keys(Exercises::all()) as $id) {
            $boxes[$id] = $this->manager->find(StoredBox::class, $id) ?? new StoredBox($id, $this->clock->now());
        }

        return $boxes;
    }

    /**
     * Returns the exercise that is due longest; null when none is.
     */
    public function due(): ?string
    {
        $due = array_filter($this->boxes(), fn (StoredBox $box): bool => $box->dueAt() <= $this->clock->now());
        uasort($due, static fn (StoredBox $a, StoredBox $b): int => [$a->asked() > 0, $a->dueAt(), $a->asked()]
            <=> [$b->asked() > 0, $b->dueAt(), $b->asked()]);

        return array_key_first($due);
    }

    /**
     * Returns one question of an exercise, the same for the same seed.
     */
    public function question(string $exercise, int $seed): ?Question
    {
        $side = Side::tryFrom($this->preferences->all()['side']) ?? Side::Left;

        $question = (Exercises::all()[$exercise] ?? null)?->ask(new Randomizer(new Xoshiro256StarStar($seed)), $side);

        return null === $question?->shown ? $question : new Question(
            $this->inWords($question->asked),
            array_map($this->inWords(...), $question->answers),
            $question->right,
            $this->inWords($question->why),
            $question->pattern,
            $question->shown,
        );
    }

    /**
     * Returns a sentence about a frame of a lesson with what that frame says.
     */
    private function inWords(Message $said): Message
    {
        $id = $said->values['lesson'] ?? '';
        $side = $said->values['side'] ?? '';
        $lesson = \is_string($id) && \is_string($side)
            ? Lessons::all()->named($id, Side::tryFrom($side) ?? Side::Left)
            : null;
        $frame = $said->values['frame'] ?? 0;

        return null === $lesson || !\is_int($frame) ? $said : new Message($said->key, [
            'knot' => $this->words->title($lesson->id),
            'said' => $this->words->frame($lesson, $frame),
        ]);
    }

    public function answered(string $exercise, bool $isRight): void
    {
        $box = $this->boxes()[$exercise] ?? null;
        if (null !== $box) {
            $box->answered($isRight, $this->clock->now());
            $this->manager->persist($box);
            $this->manager->flush();
        }
    }
}
