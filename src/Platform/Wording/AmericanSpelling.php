<?php

declare(strict_types=1);

namespace Rinkel\App\Platform\Wording;

use Symfony\Component\DependencyInjection\Attribute\AutoconfigureTag;
use Symfony\Component\Translation\Loader\LoaderInterface;
use Symfony\Component\Translation\Loader\YamlFileLoader;
use Symfony\Component\Translation\MessageCatalogue;

/**
 * Reads the English of the United States: the sentences of the English file, spelled as it is done there. Words in
 * quotes are of the notation or of files, which are spelled alike everywhere.
 */
#[AutoconfigureTag('translation.loader', ['alias' => 'american'])]
final readonly class AmericanSpelling implements LoaderInterface
{
    private const SPELLED = [
        'colour' => 'color', 'fibre' => 'fiber', 'metre' => 'meter', 'centre' => 'center', 'grey' => 'gray',
        'recognise' => 'recognize', 'neighbour' => 'neighbor', 'jeweller' => 'jeweler', 'calliper' => 'caliper',
        'practise' => 'practice',
    ];

    /**
     * @param mixed $resource a file that names the one that it spells otherwise
     */
    public function load(mixed $resource, string $locale, string $domain = 'messages'): MessageCatalogue
    {
        $file = \is_string($resource) ? $resource : '';
        $source = \dirname($file).'/'.trim((string) file_get_contents($file));
        $spelled = [];
        foreach ((new YamlFileLoader())->load($source, $locale, $domain)->all($domain) as $key => $sentence) {
            $american = \is_string($sentence) ? self::spelled($sentence) : $sentence;
            $spelled += $american === $sentence ? [] : [(string) $key => $american];
        }

        return new MessageCatalogue($locale, [$domain => $spelled]);
    }

    /**
     * Returns a sentence as it is spelled there; what stands in braces as an argument or a choice stays as it is.
     */
    public static function spelled(string $sentence): string
    {
        $words = implode('|', array_keys(self::SPELLED));

        return (string) preg_replace_callback(
            '/\{\w+\s*[,}](*SKIP)(*FAIL)|(?:(?<=centi|milli)|(?<![“"\w-]))(?:'.$words.')(?!\w*["”])/iu',
            static fn (array $found): string => self::cased(
                self::SPELLED[strtolower($found[0])] ?? $found[0],
                $found[0],
            ),
            $sentence,
        );
    }

    private static function cased(string $word, string $like): string
    {
        return ctype_upper($like[0]) ? ucfirst($word) : $word;
    }
}
