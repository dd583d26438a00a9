<?php

/**
 * One of several who use Davrin at the same moment, each in a process of its own: sends requests one after another to the application, on
 * the database that DB_DATABASE names, and prints the status of each. Standard input holds them, a line each: {"method", "to", "fields"};
 * "{revision}" is read anew from the plan that the address names, as a page shown before would have it.
 */

use App\Models\SavedPlan;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;

require __DIR__.'/../../../vendor/autoload.php';

$app = require __DIR__.'/../../../bootstrap/app.php';
$kernel = $app->make(Kernel::class);
$kernel->bootstrap();
while (($line = fgets(STDIN)) !== false) {
    $asked = json_decode($line, true, flags: JSON_THROW_ON_ERROR);
    $fields = $asked['fields'];
    if (($fields['revision'] ?? null) === '{revision}') {
        $fields['revision'] = SavedPlan::query()->whereKey((int) explode('/', $asked['to'])[2])->value('revision_id');
    }
    $request = Request::create($asked['to'], $asked['method'], $fields, server: ['HTTP_HX_REQUEST' => 'true', 'HTTP_HOST' => 'localhost']);
    $response = $kernel->handle($request);
    $refused = $request->hasSession() ? $request->session()->get('refused') : null;
    echo json_encode([$response->getStatusCode(), is_string($refused) ? $refused : '']), "\n";
    $kernel->terminate($request, $response);
    $app->forgetScopedInstances();
}
