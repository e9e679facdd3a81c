@props(['plan', 'summary', 'terms' => [], 'groups' => []])
@php($groups = array_filter($terms === [] ? $groups : ['' => $terms]))
@if ($groups !== [])
    <details class="derivation">
        <summary>{{ $summary }}</summary>
        <table class="ledger">
            @foreach ($groups as $title => $terms)
                @if ($title !== '')<tr class="is-title"><th scope="rowgroup" colspan="2">{{ $title }}</th></tr>@endif
                @foreach ($terms as $term)
                    <tr><th scope="row">{{ $plan->termWords()->says($term) }}</th><td>{{ $plan->print->term($term) }}</td></tr>
                @endforeach
            @endforeach
        </table>
    </details>
@endif
