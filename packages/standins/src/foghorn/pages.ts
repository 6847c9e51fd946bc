import { escape, htmlPage } from '../shared/html.ts'
import type { Game } from './model.ts'

const STYLE = `body{font:20px/1.45 "DejaVu Sans Mono",monospace;margin:0 auto;max-width:46rem;padding:1.2rem;background:#10161d;color:#f0efe6}
h1{font-size:1.7rem;line-height:1.25}h2{font-size:1.1rem;font-weight:400}.code{font-size:3rem;letter-spacing:.12em}
ol{list-style:none;padding:0}li{border-bottom:1px solid #47545f;padding:.5rem 0;display:flex;gap:1rem;justify-content:space-between}
.right::before{content:"= "}input[type=text]{font:inherit;padding:.5rem;background:#fff;color:#10161d;border:0;width:100%;box-sizing:border-box}
button{font:inherit;padding:.6rem 1.2rem;border:1px solid #f0efe6;background:#10161d;color:#f0efe6;min-height:3rem}
button:focus-visible,input:focus-visible{outline:3px solid #f2b93b;outline-offset:2px}
label{display:block;padding:.7rem .2rem;border-bottom:1px solid #47545f}input[type=radio],input[type=checkbox]{width:1.3rem;height:1.3rem;margin-right:.8rem}
.dim{color:#b3bcc4}`

export function foghornPage(title: string, body: string): string {
  return htmlPage(title, STYLE, body)
}

/** The host's screen: the code before the first round, then round after round, and the standing at the end. */
export function hostPage(game: Game, base: string): string {
  return foghornPage(
    game.title,
    `<main id="host" aria-live="polite"></main><script>
const KEY=${script(game.hostKey)},ID=${script(game.id)},BASE=${script(base)}
const place=document.getElementById('host')
const el=(name,text,more)=>{const e=document.createElement(name);if(text!==undefined)e.textContent=text;Object.assign(e,more||{});return e}
const step=(what)=>fetch('/host/'+ID+'/'+what+'?key='+KEY,{method:'POST'}).then(show)
let last=''
async function show(){
  const s=await (await fetch('/host/'+ID+'/state?key='+KEY)).json()
  const now=JSON.stringify(s);if(now===last)return;last=now
  const had=document.activeElement&&document.activeElement.tagName==='BUTTON'
  place.replaceChildren()
  const next=el('button',s.phase==='wait'?'Start':s.phase==='asked'?'Stop and show':s.isLast?'Show the standing':'Next question')
  next.onclick=()=>step(s.phase==='asked'?'stop':'next')
  place.append(el('h2',s.title,{className:'dim'}))
  if(s.phase==='wait'){place.append(el('h1','Join at '+BASE+'/join'),el('p',s.code,{className:'code'}),el('p',s.players.length+' here: '+s.players.join(', ')),next)}
  else if(s.phase==='over'){place.append(el('h1','Standing'));const l=el('ol');for(const p of s.standing){const r=el('li');r.append(el('span',p.name),el('b',String(p.score)));l.append(r)}place.append(l)}
  else{place.append(el('p',(s.at+1)+' of '+s.count+(s.phase==='asked'?', '+s.left+' s left':'')+', '+s.answered+' of '+s.players.length+' answered',{className:'dim'}),el('h1',s.stem))
    const l=el('ol');s.options.forEach((o,i)=>{const r=el('li');const t=el('span',String.fromCharCode(97+i)+'  '+o);if(s.phase==='shown'&&s.right.includes(i)){t.className='right';t.append(el('b','  right'))}r.append(t);if(s.phase==='shown')r.append(el('span',String(s.counts[i])));l.append(r)});place.append(l,next)}
  if(had&&place.querySelector('button'))place.querySelector('button').focus()
}
show();setInterval(show,700)
</script>`,
  )
}

export function joinPage(said: string, code: string): string {
  return foghornPage(
    'Join',
    `<h1>Join the game</h1>${said ? `<p role="alert">${escape(said)}</p>` : ''}<form method="post" action="/join"><label>Code <input type="text" name="code" value="${escape(code)}" required autocomplete="off" autocapitalize="characters" maxlength="8"></label><label>Your name <input type="text" name="name" required maxlength="40"></label><p><button>Join</button></p></form>`,
  )
}

/** A player's screen, on a phone. */
export function playPage(game: Game, player: string): string {
  return foghornPage(
    game.title,
    `<main id="play" aria-live="polite"></main><script>
const ID=${script(game.id)},PLAYER=${script(player)}
const place=document.getElementById('play')
const el=(name,text,more)=>{const e=document.createElement(name);if(text!==undefined)e.textContent=text;Object.assign(e,more||{});return e}
let last=''
async function show(){
  const s=await (await fetch('/play/'+ID+'/'+PLAYER+'/state')).json()
  const now=[s.phase,s.at,s.given].join();if(now===last)return;last=now
  place.replaceChildren(el('h2',s.name,{className:'dim'}))
  if(s.phase==='wait')place.append(el('h1','You are in. Wait for the start.'))
  else if(s.phase==='over')place.append(el('h1','You are number '+s.rank+' of '+s.players+', with '+s.score+'.'))
  else if(s.phase==='shown')place.append(el('h1',s.isRight?'Right, '+s.gained:'Not right'),el('p','Altogether '+s.score,{className:'dim'}))
  else if(s.given)place.append(el('h1','Answered. Wait for the others.'))
  else{place.append(el('h1',s.stem));const f=el('form');s.options.forEach((o,i)=>{const l=el('label');l.append(el('input',undefined,{type:s.several?'checkbox':'radio',name:'option',value:String(i)}),el('span',String.fromCharCode(97+i)+'  '+o));f.append(l)})
    f.append(el('button','Answer'));f.onsubmit=async(e)=>{e.preventDefault();const chosen=new FormData(f).getAll('option').map(Number);if(!chosen.length)return;await fetch('/play/'+ID+'/'+PLAYER+'/answer',{method:'POST',headers:{'content-type':'application/json'},body:JSON.stringify({round:s.round,chosen})});show()}
    place.append(f);const first=f.querySelector('input');if(first)first.focus()}
}
show();setInterval(show,700)
</script>`,
  )
}

/** A value in a script: what could end the script is written otherwise. */
function script(value: string): string {
  return JSON.stringify(value).replaceAll('<', '\\u003c')
}
