<?php

declare(strict_types=1);

namespace Rinkel\App\Page\Twig;

use Random\Randomizer;
use Rinkel\App\Platform\Http\Once;
use Rinkel\App\Settings\Light;
use Twig\Extension\AbstractExtension;
use Twig\TwigFunction;

/**
 * What every page and form needs: the light that was chosen, and by what a form is known when it is sent again.
 */
final class FormExtension extends AbstractExtension
{
    public function __construct(
        private readonly Randomizer $chance,
        private readonly Light $light,
    ) {}

    public function getFunctions(): array
    {
        return [
            new TwigFunction('once', $this->once(...), ['is_safe' => ['html']]),
            new TwigFunction('choices', self::choices(...)),
            new TwigFunction('light', $this->light->chosen(...)),
        ];
    }

    /**
     * @param class-string<\BackedEnum> $of
     *
     * @return list<int|string> what can be chosen of something
     */
    private static function choices(string $of): array
    {
        return array_map(static fn (\BackedEnum $case): int|string => $case->value, $of::cases());
    }

    private function once(): string
    {
        return '<input type="hidden" name="'.Once::FIELD.'" value="'.bin2hex($this->chance->getBytes(12)).'">';
    }
}
