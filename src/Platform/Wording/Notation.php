<?php

declare(strict_types=1);

namespace Rinkel\App\Platform\Wording;

use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Pattern\InEnglish;
use Rinkel\Core\Pattern\Pattern;
use Rinkel\Core\Pattern\Vocabulary;
use Rinkel\Core\Piece\Piece;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\Translation\TranslatorBagInterface;
use Symfony\Contracts\Translation\LocaleAwareInterface;

/**
 * The notation in the words of the language that is spoken: shown in them, and read in them or in English. What is kept
 * and written to files is English.
 */
final class Notation
{
    /** Fields that are written in the notation, by their path in the open format. */
    public const FIELDS = ['pattern', 'closure.tails', 'closure.shows'];

    private const KEY = 'notation.';

    /** @var array<string, Vocabulary> by language */
    private array $vocabularies = [];

    public function __construct(
        #[Autowire(service: 'translator')]
        private readonly TranslatorBagInterface&LocaleAwareInterface $translator,
    ) {}

    /**
     * Returns what the maker of a piece called its beads, cords and findings.
     *
     * @param array<mixed> $document of the piece
     *
     * @return list<string>
     */
    public static function names(array $document): array
    {
        $names = [];
        foreach (['beads', 'cords', 'findings'] as $kind) {
            $names += \is_array($document[$kind] ?? null) ? $document[$kind] : [];
        }

        return array_map(strval(...), array_keys($names));
    }

    /**
     * Returns the pattern of a piece as it is shown.
     */
    public function pattern(Piece $piece, ?string $part = null): string
    {
        $names = array_keys($piece->beads + $piece->findings + $piece->cords);

        return $this->said($part ?? $piece->pattern->text, array_map(strval(...), $names));
    }

    /**
     * Returns a text of the notation as it is shown.
     *
     * @param list<string> $names of beads, cords and findings, which are no words of it
     */
    public function said(string $english, array $names = []): string
    {
        return str_starts_with($this->translator->getLocale(), 'en')
            ? $english
            : $this->vocabulary($names)->said($english);
    }

    /**
     * @param list<string> $names of beads, cords and findings, which are no words of it
     */
    public function read(string $typed, array $names = []): InEnglish
    {
        return $this->vocabulary($names)->read($typed);
    }

    /**
     * Returns a pattern that could not be read, with every bare length said in $bare.
     */
    public function pinned(string $typed, Unit $bare): string
    {
        return $this->said(Pattern::pinned($this->read($typed)->text, $bare));
    }

    /**
     * @param list<string> $names
     */
    private function vocabulary(array $names): Vocabulary
    {
        $locale = $this->translator->getLocale();
        $vocabulary = $this->vocabularies[$locale] ??= $this->of($locale);

        return [] === $names ? $vocabulary : $vocabulary->without($names);
    }

    private function of(string $locale): Vocabulary
    {
        $words = [];
        foreach ($this->translator->getCatalogue($locale)->all('messages+intl-icu') as $key => $word) {
            if (str_starts_with($key, self::KEY) && \is_string($word)) {
                $words[substr($key, \strlen(self::KEY))] = $word;
            }
        }

        return Vocabulary::of($words, Wording::mark($locale));
    }
}
