<?php

declare(strict_types=1);

namespace Rinkel\App\Page\Table;

use Rinkel\App\Examples\ExampleData;
use Rinkel\App\Platform\LooseData;
use Rinkel\App\Settings\Preferences;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/**
 * What a maker does in their first minutes: how they read and work, and whether they look around with examples.
 */
final class WelcomeController extends AbstractController
{
    private const ASKED = ['language', 'unit', 'hand'];

    #[Route('/welcome', 'welcome_set', methods: 'POST')]
    public function set(Request $request, Preferences $preferences): Response
    {
        $sent = LooseData::form($request);
        $texts = [];
        foreach (self::ASKED as $name) {
            if ($sent->has($name)) {
                $texts[$name] = $sent->text($name, 20);
            }
        }
        $preferences->keep($texts);

        return $this->toTable();
    }

    #[Route('/examples', 'examples_lay', methods: 'POST')]
    public function lay(ExampleData $examples): Response
    {
        $examples->lay();

        return $this->toTable();
    }

    #[Route('/examples/remove', 'examples_remove', methods: 'POST')]
    public function remove(ExampleData $examples): Response
    {
        $examples->remove();

        return $this->toTable();
    }

    private function toTable(): Response
    {
        return $this->redirectToRoute('table', status: Response::HTTP_SEE_OTHER);
    }
}
