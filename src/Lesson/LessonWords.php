<?php

declare(strict_types=1);

namespace Rinkel\App\Lesson;

use Rinkel\Core\Knot\Side;
use Rinkel\Core\Lesson\Lesson;
use Symfony\Contracts\Translation\TranslatorInterface;

/**
 * What a lesson says, as somebody in a workshop says it: translations/lessons.
 */
final readonly class LessonWords
{
    private const DOMAIN = 'lessons';

    public function __construct(private TranslatorInterface $translator) {}

    /**
     * Returns a lesson's name in addresses and translations.
     */
    public static function slug(string $id): string
    {
        return str_replace(' ', '-', $id);
    }

    public function title(string $id): string
    {
        return $this->translator->trans(self::slug($id).'.title', [], self::DOMAIN);
    }

    /**
     * Returns what it is for.
     */
    public function for(string $id): string
    {
        return $this->translator->trans(self::slug($id).'.for', [], self::DOMAIN);
    }

    /**
     * Returns what goes wrong, and how to see it.
     */
    public function wrong(string $id): string
    {
        return $this->translator->trans(self::slug($id).'.wrong', [], self::DOMAIN);
    }

    /**
     * Returns what is done in a frame, from 0.
     */
    public function frame(Lesson $lesson, int $frame): string
    {
        return $this->translator->trans(self::slug($lesson->id).'.'.($frame + 1), [
            'one' => $this->side($lesson->side),
            'two' => $this->side($lesson->side->other()),
        ], self::DOMAIN);
    }

    /**
     * @return array<string, string> a letter for each hand
     */
    public function letters(): array
    {
        $letters = [];
        foreach (Side::cases() as $side) {
            $letters[$side->value] = mb_strtoupper(mb_substr($this->side($side), 0, 1));
        }

        return $letters;
    }

    private function side(Side $side): string
    {
        return $this->translator->trans($side->value, [], self::DOMAIN);
    }
}
