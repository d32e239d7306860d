<?php

declare(strict_types=1);

namespace Rinkel\App\Page\Settings;

use Rinkel\App\Piece\Pieces;
use Rinkel\App\Settings\Custom;
use Rinkel\App\Settings\Preferences;
use Rinkel\App\Workshop\Reach;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/**
 * The Settings page: how a maker works, and how this browser shows Rinkel.
 */
final class SettingsController extends AbstractController
{
    public function __construct(
        private readonly Preferences $preferences,
        private readonly Pieces $pieces,
    ) {}

    #[Route('/settings', 'settings', methods: 'GET')]
    public function show(Request $request): Response
    {
        return $this->page($this->preferences->all(), [], '1' === ($request->query->all()['kept'] ?? ''));
    }

    #[Route('/settings', 'settings_keep', methods: 'POST')]
    public function keep(Request $request): Response
    {
        $texts = [];
        foreach ($this->names() as $name) {
            $sent = $request->request->all()[$name] ?? '';
            $texts[$name] = \is_scalar($sent) ? mb_substr(mb_scrub((string) $sent), 0, 100) : '';
        }
        $faults = $this->preferences->keep($texts);

        return [] === $faults
            ? $this->redirectToRoute('settings', ['kept' => 1], Response::HTTP_SEE_OTHER)
            : $this->page($texts + $this->preferences->all(), $faults, false);
    }

    /**
     * @return list<string> of what whoever asks may set
     */
    private function names(): array
    {
        $isAll = $this->isGranted(Reach::NAME, 'price');

        return array_values(array_filter(Preferences::names(), static function (string $name) use ($isAll): bool {
            $custom = Custom::tryFrom($name);

            return null === $custom || ($custom->isChosen() && ($isAll || !$custom->isCommon()));
        }));
    }

    /**
     * Has all pieces on the table in the unit that is set.
     */
    #[Route('/settings/unit', 'settings_unit', methods: 'POST')]
    public function unit(): Response
    {
        $this->pieces->allIn($this->preferences->unit());

        return $this->redirectToRoute('settings', ['kept' => 1], Response::HTTP_SEE_OTHER);
    }

    /**
     * @param array<string, string>                                   $texts
     * @param array<string, non-empty-list<\Rinkel\Core\Piece\Fault>> $faults
     */
    private function page(array $texts, array $faults, bool $kept): Response
    {
        return $this->render(
            'settings/settings.html.twig',
            [
                'texts' => $texts,
                'faults' => $faults,
                'kept' => $kept,
                'currencies' => Custom::CURRENCIES,
                'others' => $kept ? \count($this->pieces->inOtherUnits($this->preferences->unit())) : 0,
            ],
            new Response(status: [] === $faults ? Response::HTTP_OK : Response::HTTP_UNPROCESSABLE_ENTITY),
        );
    }
}
