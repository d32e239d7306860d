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
        $key = self::slug($id).'.title';
        $title = $this->translator->trans($key, [], self::DOMAIN);

        return $key === $title ? mb_strtoupper(mb_substr($id, 0, 1)).mb_substr($id, 1) : $title; // of somebody's own
    }

    private function said(string $id, string $of): string
    {
        $key = self::slug($id).'.'.$of;
        $said = $this->translator->trans($key, [], self::DOMAIN);

        return $key === $said ? $this->translator->trans('own.'.$of, [], self::DOMAIN) : $said;
    }

    /**
     * Returns what it is for.
     */
    public function for(string $id): string
    {
        return $this->said($id, 'for');
    }

    /**
     * Returns what goes wrong, and how to see it.
     */
    public function wrong(string $id): string
    {
        return $this->said($id, 'wrong');
    }

    /**
     * Returns what is done in a frame, from 0.
     */
    public function frame(Lesson $lesson, int $frame): string
    {
        $own = $lesson->frames[$frame]->says ?? null;

        return $this->translator->trans($own ?? self::slug($lesson->id).'.'.($frame + 1), [
            'number' => $frame + 1,
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
