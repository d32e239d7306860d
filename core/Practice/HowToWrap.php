<?php

declare(strict_types=1);

namespace Rinkel\Core\Practice;

use Random\Randomizer;
use Rinkel\Core\Knot\Side;
use Rinkel\Core\Lesson\Lessons;
use Rinkel\Core\Message;

/**
 * How an end goes on: over or behind, around or through; from a frame of a lesson, with what comes before and after.
 *
 * @internal
 */
final class HowToWrap implements Exercise
{
    /** Lessons of which every frame is another deed. */
    private const LESSONS = [
        'square', 'overhand', 'double overhand', 'vertical lark', 'lark', 'loop', 'linked', 'slider', 'whip',
    ];

    public function id(): string
    {
        return 'how-to-wrap';
    }

    public function ask(Randomizer $chance, Side $side): Question
    {
        $id = self::LESSONS[$chance->getInt(0, \count(self::LESSONS) - 1)] ?? 'square';
        $side = Lessons::goesBySide($id) ? $side : Side::Left;
        $frames = array_keys(Lessons::all()->named($id, $side)->frames ?? [0, 1, 2]);
        $now = $chance->getInt(0, \count($frames) - 2);
        $others = $chance->shuffleArray(array_values(array_diff($frames, [$now, $now + 1])));
        $answers = $chance->shuffleArray([$now + 1, ...\array_slice($others, 0, 2)]);
        $said = static fn (int|string $frame): array => [
            'lesson' => $id, 'frame' => (int) $frame, 'side' => $side->value,
        ];

        return new Question(
            new Message('how-to-wrap', $said($now)),
            array_map(static fn (int|string $frame): Message => new Message('lesson-frame', $said($frame)), $answers),
            (int) array_search($now + 1, $answers, true),
            new Message('why-wrap', $said($now + 1)),
            shown: new Shown($id, $now, $side),
        );
    }
}
