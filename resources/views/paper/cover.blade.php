@extends('paper.sheet')
@section('style')
body { font-size: 8pt; }
h1 { font-size: 13pt; }
h2 { margin: 3mm 0 0.5mm; font-size: 9.5pt; }
.verdict { margin: 0 0 1mm; font-size: 15pt; font-weight: bold; line-height: 1.2; }
.open { color: #8f1238; }
.supposed { margin: 0 0 2mm; padding: 1mm 2mm; border: 0.3mm dashed #1d1a16; }
td { padding: 0.55mm 1.5mm; }
.shape { width: 4mm; font-size: 9pt; }
.line { width: 88mm; }
.does { width: 34mm; font-weight: bold; }
.rules { margin-top: 1mm; font-size: 7pt; line-height: 1.3; }
@endsection
@section('sheet')
<h1>{{ $kit }} × {{ $scope }}</h1>
<p class="muted">{{ $shop }}. {{ $on === null ? 'As it is packed, on paper' : 'As it stands on ' . $on }}{{ $hand === null ? '' : ', in the hands of ' . $hand }}. Printed on {{ $date }}.</p>
@if ($isSupposed)
<p class="supposed"><b>As if:</b> something of it is supposed and not so; see the address it was printed from.</p>
@endif
<p class="verdict{{ $hasOpen ? ' open' : '' }}">{{ $verdict }}</p>
<p>{{ $counts }}</p>
@if ($holes !== [])
<h2>What would close it</h2>
<table>
<tbody>
@foreach ($holes as $hole)
<tr>
<td class="shape open">○</td>
<td class="does">{{ str_replace('mm2', 'mm²', $hole['does']) }}</td>
<td>{{ str_replace('mm2', 'mm²', $hole['wanted']) }}</td>
<td class="number">{{ $hole['terminations'] }}</td>
</tr>
@endforeach
</tbody>
</table>
@if ($moreHoles > 0)
<p class="muted">And {{ $moreHoles }} more.</p>
@endif
@endif
<h2>The lines</h2>
<table>
<tbody>
@foreach ($rows as $row)
<tr>
<td class="shape{{ $row['open'] ? ' open' : '' }}">{{ $row['shape'] }}</td>
<td class="line">{{ str_replace('mm2', 'mm²', $row['line']) }}</td>
<td class="{{ $row['open'] ? 'open' : 'muted' }}">{{ str_replace('mm2', 'mm²', $row['says']) }}</td>
</tr>
@endforeach
</tbody>
</table>
@if ($left !== '')
<p class="muted">{{ $left }}</p>
@endif
<h2>By these house rules</h2>
<p class="rules">
@if ($rules === [])
Every rule as is usual.
@else
@foreach ($rules as $rule)
{{ $rule['question'] }} <b>{{ $rule['words'] }}.</b>
@endforeach
All others as is usual.
@endif
Pull-out force: {{ $standard }}. They are the house's own and give way to local codes, to what makers state of their tools, wire and terminals, and to licensed practice. Isolate and prove dead before you touch; cut away from yourself, with eye protection on.
</p>
@endsection
